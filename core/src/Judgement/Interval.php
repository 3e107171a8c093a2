<?php

namespace Moltrek\Core\Judgement;

/**
 * The values a reading may stand for, in base steps of its dimension: a figure with its doubt (closed at both ends), or a
 * bracket from the leaf that passed up to, and not including, the one that refused; its upper end may be open.
 */
final readonly class Interval
{
    private function __construct(
        public int|float $low,
        public int|float|null $high,
        public bool $highIncluded,
        public int|float $nominal,
    ) {
    }

    /** A figure and its expanded doubt. */
    public static function around(int|float $figure, int|float $doubt): self
    {
        return new self($figure - $doubt, $figure + $doubt, true, $figure);
    }

    /** @param  int|float|null  $nominal where the figure most likely lies; the middle, or the low end of an open bracket, if not said */
    public static function bracket(int|float $low, int|float|null $high, int|float|null $nominal = null): self
    {
        return new self($low, $high, false, $nominal ?? ($high === null ? $low : ($low + $high) / 2));
    }

    /** The lowest figure without its doubt: a margin is counted from here. */
    public function lowFigure(): int|float
    {
        return $this->highIncluded ? $this->nominal : $this->low;
    }

    /** The highest figure without its doubt; the lowest where the upper end is open. */
    public function highFigure(): int|float
    {
        return $this->highIncluded ? $this->nominal : ($this->high ?? $this->low);
    }
}
