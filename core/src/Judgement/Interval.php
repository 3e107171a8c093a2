<?php

namespace Moltrek\Core\Judgement;

/**
 * The values a reading may stand for, in base steps of its dimension: a figure with its doubt (closed at both ends), or a
 * bracket from the leaf that passed up to, and not including, the one that refused. Either end may be open: the upper one
 * is null then, the lower one minus infinity.
 */
final readonly class Interval
{
    /** A figure that lies under an end which does not belong to it lies this little under it: far less than any tool reads. */
    private const JUST = 1e-3;

    private function __construct(
        public int|float $low,
        public int|float|null $high,
        public bool $highIncluded,
        public int|float $nominal,
        private int|float $lowFigure,
        private int|float $highFigure,
    ) {
    }

    /** A figure and its expanded doubt. */
    public static function around(int|float $figure, int|float $doubt): self
    {
        return new self($figure - $doubt, $figure + $doubt, true, $figure, $figure, $figure);
    }

    /** @param  int|float|null  $nominal where the figure most likely lies; the middle, or the low end of an open bracket, if not said */
    public static function bracket(int|float $low, int|float|null $high, int|float|null $nominal = null): self
    {
        return new self($low, $high, false, $nominal ?? ($high === null ? $low : ($low + $high) / 2), $low, $high ?? $low);
    }

    /** A figure that was turned into another kind, with the ends of its doubt: they lie no more alike on both sides of it. */
    public static function between(int|float $low, int|float $high, int|float $figure): self
    {
        return new self($low, $high, true, $figure, $figure, $figure);
    }

    /** Anything less than this, which is all that is known: a bridge that rocks says so. */
    public static function under(int|float $end): self
    {
        return new self(-INF, $end, false, $end - self::JUST, $end, $end);
    }

    /** From the least that any of these may be to the least that one of them must be: what is known of the smallest of several. */
    public static function ofLeast(self $first, self ...$others): self
    {
        $all = [$first, ...array_values($others)];
        $high = self::least($all, static fn (self $one): int|float => $one->high ?? INF);
        $atHigh = array_filter($all, static fn (self $one): bool => $one->high == $high);
        $lowFigure = self::least($all, static fn (self $one): int|float => $one->lowFigure);
        $highFigure = self::least($all, static fn (self $one): int|float => $one->high === null ? INF : $one->highFigure);

        return new self(
            self::least($all, static fn (self $one): int|float => $one->low),
            $high === INF ? null : $high,
            $high !== INF && array_filter($atHigh, static fn (self $one): bool => ! $one->highIncluded) === [],
            self::least($all, static fn (self $one): int|float => $one->nominal),
            $lowFigure,
            $highFigure === INF ? $lowFigure : $highFigure,
        );
    }

    /**
     * @param  non-empty-list<self>  $all
     * @param  callable(self): (int|float)  $end
     */
    private static function least(array $all, callable $end): int|float
    {
        return min(array_map($end, $all));
    }

    /** The same with something added to it all. */
    public function shifted(int|float $by): self
    {
        return new self($this->low + $by, $this->high === null ? null : $this->high + $by, $this->highIncluded, $this->nominal + $by,
            $this->lowFigure + $by, $this->highFigure + $by);
    }

    public function isOpenBelow(): bool
    {
        return $this->low === -INF;
    }

    public function isOpenAbove(): bool
    {
        return $this->high === null;
    }

    /** The lowest figure without its doubt: a margin is counted from here. An end that is open counts as the other one. */
    public function lowFigure(): int|float
    {
        return $this->lowFigure;
    }

    /** The highest figure without its doubt, likewise. */
    public function highFigure(): int|float
    {
        return $this->highFigure;
    }
}
