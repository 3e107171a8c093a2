<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;

/** One place on one engine, by the sheet's ids. */
final readonly class PlaceOnEngine
{
    /**
     * @param  string  $part  what of the cylinder it is: a ring, an axis, a valve; empty for the cylinder itself
     * @param  string  $label  how a quantity is named there, %s being the quantity
     * @param  string|null  $hint  where exactly, if the quantity does not say it
     * @param  list<string>  $also  other names that a limit may call it by
     */
    public function __construct(
        public string $id,
        public ?Cylinder $cylinder,
        public string $part,
        public string $label,
        public ?Length $depth = null,
        public ?string $hint = null,
        public array $also = [],
    ) {
    }
}
