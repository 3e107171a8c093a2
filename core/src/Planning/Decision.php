<?php

namespace Moltrek\Core\Planning;

/** What is decided in the course of a job: the step that settles it is done with the decision, the one that follows it takes its parts. */
enum Decision
{
    case Bore;
    case Pairs;
    case PartsOfBore;
    case Thickness;
}
