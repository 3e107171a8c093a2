<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Quantity\Length;

/** What must come off the ends of a ring before its gap is wide enough. Source: shop practice. */
final readonly class ToFile
{
    public Length $atLeast;

    public ?Length $atMost;

    /**
     * @param  int|float  $atLeast  in nanometres, as are all
     * @param  bool  $bySteps  a few strokes, read, again: how much comes off in the end no leaf has said
     */
    public function __construct(int|float $atLeast, int|float|null $atMost = null, public bool $bySteps = false)
    {
        $this->atLeast = Length::ofNanometres($atLeast);
        $this->atMost = $atMost === null ? null : Length::ofNanometres($atMost);
    }

    /** Null where the gap may be wide enough already. */
    public static function bySteps(int|float $atLeast): ?self
    {
        return $atLeast > 0 ? new self($atLeast, null, true) : null;
    }

    /** @return array{at_least: array{value: float, unit: string}, at_most: array{value: float, unit: string}|null, by_steps: bool} */
    public function toArray(): array
    {
        return ['at_least' => $this->atLeast->quantity(), 'at_most' => $this->atMost?->quantity(), 'by_steps' => $this->bySteps];
    }
}
