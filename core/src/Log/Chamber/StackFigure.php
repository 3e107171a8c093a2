<?php

namespace Moltrek\Core\Log\Chamber;

use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Ruler;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Measuring\Measurable;
use Moltrek\Core\Quantity\Dimension;

/** One figure that hangs on thickness: what it is with what lies there, and what it would be with other pieces. */
final readonly class StackFigure
{
    public ?Verdict $verdict;

    /**
     * @param  bool  $movedFromBelow  whether only what lies below the barrel moves it
     * @param  string|null  $note  what is missing for it, or what it was counted from
     */
    public function __construct(
        public string $key,
        public string $name,
        public Dimension $dimension,
        public Moved $moved,
        public ?Limit $limit,
        public bool $movedFromBelow,
        public ?string $note,
        ?Measurable $quantity = null,
    ) {
        $this->verdict = $moved->after === [] || $quantity === null ? null : Verdict::of($limit, $quantity->wording, ...$moved->after);
    }

    public function ruler(): ?Ruler
    {
        return $this->limit === null || $this->moved->after === [] ? null
            : Ruler::of($this->limit, [...$this->moved->before, ...$this->moved->after]);
    }
}
