<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\JudgedQuantity;

/**
 * One entry of the catalogue: a quantity that is read, or one that follows from readings. All that the application knows of
 * reading it stands here; whether and by whom it is limited stands in JudgedQuantity.
 */
final readonly class Measurable
{
    /**
     * @param  string  $name  as it is said after its place: "end gap"
     * @param  list<Act>  $staleBy  what makes a reading of it untrue
     * @param  bool  $staleWhenLifted  whether it is untrue once its slab has come off
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $why,
        public Laid $laid,
        public Taken $taken,
        public Wording $wording,
        public array $staleBy = [],
        public bool $staleWhenLifted = false,
    ) {
    }

    public function judged(): ?JudgedQuantity
    {
        return JudgedQuantity::tryFrom($this->key);
    }

    public function dimension(): Dimension
    {
        return $this->judged()?->dimension() ?? $this->taken->form?->dimension() ?? Dimension::Length;
    }

    /** Its name on its own: "Ring end gap". */
    public function title(): string
    {
        $isOfRing = $this->laid->place === Place::Ring || $this->laid->place === Place::SideRing;

        return ucfirst($isOfRing ? 'ring '.$this->name : $this->name);
    }
}
