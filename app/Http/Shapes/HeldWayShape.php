<?php

namespace App\Http\Shapes;

use Moltrek\Core\Measuring\HeadHeld;

/** One way in which a head is held while something under it is read. */
final readonly class HeldWayShape
{
    /** @param  HeadHeld  $held  as a reading says it */
    public function __construct(public string $said, public HeadHeld $held)
    {
    }
}
