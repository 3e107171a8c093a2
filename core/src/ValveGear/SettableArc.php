<?php

namespace Moltrek\Core\ValveGear;

/**
 * The turns of the crank at which one valve stands on its base circle with a margin, and may be set: from its closing + margin to
 * its next opening − margin, ends included. In billionths of a degree over the two turns of a four-stroke.
 */
final readonly class SettableArc
{
    public const CYCLE = 720_000_000_000;

    private function __construct(public string $valve, private int|float $from, private int|float $length)
    {
    }

    /**
     * @param  int|float  $fires  where its cylinder fires
     * @param  int|float  $opens  after that, as $closes
     * @return self|null nothing where the margins leave no room
     */
    public static function of(string $valve, int|float $fires, int|float $opens, int|float $closes, int|float $margin): ?self
    {
        $length = self::CYCLE - ($closes - $opens) - 2 * $margin;

        return $length < 0 ? null : new self($valve, self::within($fires + $closes + $margin), $length);
    }

    public function end(): int|float
    {
        return self::within($this->from + $this->length);
    }

    public function has(int|float $crank): bool
    {
        return self::within($crank - $this->from) <= $this->length;
    }

    public static function within(int|float $crank): int|float
    {
        return is_int($crank) ? (($crank % self::CYCLE) + self::CYCLE) % self::CYCLE
            : fmod(fmod($crank, self::CYCLE) + self::CYCLE, self::CYCLE);
    }
}
