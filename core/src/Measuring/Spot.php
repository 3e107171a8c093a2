<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;

/** One place on one engine where one quantity is read. */
final readonly class Spot
{
    /**
     * @param  string  $part  what of the cylinder is read, by the sheet's ids: a ring, an axis
     * @param  Length|null  $expected  the sheet's figure for it, to ask about a slipped decimal
     */
    public function __construct(
        public string $id,
        public Quantity $quantity,
        public Cylinder $cylinder,
        public string $part,
        public string $name,
        public string $hint,
        public ?Length $depth,
        public ?Length $expected,
    ) {
    }
}
