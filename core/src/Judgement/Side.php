<?php

namespace Moltrek\Core\Judgement;

/** The end of the limits that a figure is nearer to leaving: too tight, or too loose. */
enum Side: string
{
    case Low = 'low';
    case High = 'high';
}
