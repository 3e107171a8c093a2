<?php

namespace Moltrek\Core\Timing;

/**
 * Whether an ignition point went where its plate or pick-up was moved. Less than half of the move, or the wrong way, and what was
 * read was not what was moved: a sheared key or an oily taper, a dial that lost its zero, another mark, the wrong side looked at.
 * Judged only where the doubt of both readings leaves no other answer. All in crank degrees, billionths, positive for earlier.
 * Source: shop practice.
 */
final readonly class Following
{
    /** The least share of a move that a point must make. */
    private const LEAST = 0.5;

    private function __construct(public int|float $moved, public int|float $came, private int|float $doubt)
    {
    }

    /** @param  int|float  $doubt  of both readings together */
    public static function of(int|float $moved, int|float $came, int|float $doubt): self
    {
        return new self($moved, $came, $doubt);
    }

    /** How far it came in the way it was moved: less than nothing where it went the other way. */
    private function along(): int|float
    {
        return $this->moved < 0 ? -$this->came : $this->came;
    }

    public function follows(): bool
    {
        return $this->along() + $this->doubt >= self::LEAST * abs($this->moved);
    }

    public function wentTheWrongWay(): bool
    {
        return $this->along() + $this->doubt < 0;
    }
}
