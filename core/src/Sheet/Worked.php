<?php

namespace Moltrek\Core\Sheet;

/** Where the engine stands while it is worked on; some of it can be reached only on one of the two. */
enum Worked: string
{
    case Bench = 'on the bench';
    case Frame = 'in the frame';
}
