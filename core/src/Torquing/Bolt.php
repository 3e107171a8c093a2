<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Quantity\Length;

/** Where a bolt sits: x to the right, y up as seen from above. */
final readonly class Bolt
{
    public function __construct(public string $id, public Length $x, public Length $y)
    {
    }

    /** In nanometres. */
    public function distanceTo(self $other): float
    {
        return hypot($this->x->nanometres - $other->x->nanometres, $this->y->nanometres - $other->y->nanometres);
    }
}
