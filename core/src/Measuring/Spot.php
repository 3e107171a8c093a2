<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;

/** One place on one engine where one quantity is read. */
final readonly class Spot
{
    /**
     * @param  string  $part  what of the cylinder is read, by the sheet's ids: a ring, an axis, a valve
     * @param  list<string>  $also  other names that a limit may call the part by: a side
     * @param  bool  $expected  whether this engine is not measured without it
     * @param  Length|null  $about  the sheet's figure for it, to ask about a slipped decimal
     */
    public function __construct(
        public string $id,
        public Measurable $measurable,
        public ?Cylinder $cylinder,
        public string $part,
        public array $also,
        public string $name,
        public string $hint,
        public ?Length $depth,
        public ?Length $about,
        public bool $expected,
    ) {
    }

    public function form(): EntryForm
    {
        return $this->measurable->form ?? EntryForm::Direct;
    }
}
