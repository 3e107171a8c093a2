<?php

namespace Moltrek\Core\Torquing;

/** What a pull says of itself, beside where it was. */
final readonly class PullSaid
{
    /**
     * @param  float|null  $figure  N·m, or degrees in a pass by angle; null for a click or a turn that was seen
     * @param  bool  $isFelt  no wrench reached it
     * @param  bool  $hasMoved  in a check pass: it turned before the wrench clicked
     * @param  bool  $isPast  the mechanic says that it went past this stage, and not past the final figure
     * @param  bool  $isOver  the mechanic says that it went past the final figure, or its angle
     */
    public function __construct(
        public ?float $figure = null,
        public bool $isFelt = false,
        public bool $hasMoved = false,
        public bool $isPast = false,
        public bool $isOver = false,
        public ?PullFeel $feel = null,
    ) {
    }

    public function with(?float $figure): self
    {
        return new self($figure, $this->isFelt, $this->hasMoved, $this->isPast, $this->isOver, $this->feel);
    }
}
