<?php

namespace Moltrek\Core\Torquing;

/** Where in a range of torque one aims. Source: shop practice; a range is aimed at its middle unless the shop prefers otherwise. */
enum Aim: string
{
    case Low = 'low';
    case Middle = 'middle';
    case High = 'high';
}
