<?php

namespace Moltrek\Core\Log\Chamber;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Quantity\Dimension;

/** A figure as it is and as it would be; none on either side where it cannot be counted. */
final readonly class Moved
{
    /**
     * @param  list<Interval>  $before
     * @param  list<Interval>  $after
     */
    public function __construct(public array $before, public array $after)
    {
    }

    /** Figures in the canonical unit of their dimension, without doubt. */
    public static function exactly(?float $before, ?float $after, Dimension $dimension): self
    {
        $interval = static fn (?float $figure): array => $figure === null ? []
            : [Interval::around($figure * $dimension->stepsPerUnit(), 0)];

        return new self($interval($before), $interval($after));
    }
}
