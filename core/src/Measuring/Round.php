<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Judgement\Interval;

/**
 * Readings of one place that are one and the same reading, taken again: the mean stands, with √(tool² + (2·s/√n)²) as its doubt,
 * s the sample standard deviation, 0 of one. A range above twice the tool's doubt is asked about: a part that moved, a tool that
 * slipped. Source: shop practice after the Guide to the expression of uncertainty in measurement, 4.2 (type A).
 */
final readonly class Round
{
    public int|float $mean;

    public int|float $range;

    public float $doubt;

    public bool $asks;

    /**
     * @param  non-empty-list<int|float>  $values  in base steps
     * @param  int|float  $toolDoubt  expanded, in base steps; 0 where none is known
     */
    public function __construct(public array $values, int|float $toolDoubt)
    {
        $count = count($values);
        $this->mean = array_sum($values) / $count;
        $this->range = max($values) - min($values);
        $squares = array_sum(array_map(fn (int|float $value): float => ($value - $this->mean) ** 2, $values));
        $this->doubt = $count === 1 ? (float) $toolDoubt : sqrt($toolDoubt ** 2 + 4 * $squares / ($count - 1) / $count);
        $this->asks = $this->range > 2 * $toolDoubt;
    }

    public function interval(): Interval
    {
        return Interval::around($this->mean, $this->doubt);
    }
}
