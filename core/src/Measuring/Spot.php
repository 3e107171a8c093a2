<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;

/** One place on one engine where one quantity is read. */
final readonly class Spot
{
    /**
     * @param  string  $name  with its cylinder, where there are several
     * @param  bool  $expected  whether this engine is not measured without it
     * @param  Length|null  $about  the sheet's figure for it, to ask about a slipped decimal
     */
    public function __construct(
        public string $id,
        public Measurable $measurable,
        public PlaceOnEngine $at,
        public string $name,
        public string $hint,
        public ?Length $about,
        public bool $expected,
    ) {
    }

    public function form(): EntryForm
    {
        return $this->measurable->taken->form ?? EntryForm::Direct;
    }

    public function is(string $quantity): bool
    {
        return $this->measurable->key === $quantity;
    }

    public function isOf(string $cylinder): bool
    {
        return $this->at->cylinder?->id === $cylinder;
    }

    /** The slab it is read on; the barrel where this engine has no slab of that kind. */
    public function slabOn(EngineSheet $sheet): Slab
    {
        return $sheet->slabFor($this->measurable->laid->slab, $this->at->cylinder?->id);
    }
}
