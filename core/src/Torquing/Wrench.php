<?php

namespace Moltrek\Core\Torquing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/** A torque wrench: how long its lever is from hand to square, from what to what it is set, in which steps of its own unit. */
final readonly class Wrench
{
    /** Below this share of its scale a wrench is not trusted. */
    private const TRUSTED_FROM = 0.2;

    private const SAME = 1e-9;

    /**
     * @param  Length|null  $length  from the hand to the square; needed only with an adapter
     * @param  float  $min  N·m, as max
     */
    public function __construct(public ?Length $length, public float $min, public float $max, public WrittenQuantity $step)
    {
    }

    /**
     * A wrench as its label says it: "10 to 60 N·m", in steps of "0.5 N·m".
     *
     * @throws Refusal at range or resolution, where one cannot reckon with it
     */
    public static function labelled(string $range, string $resolution, ?Length $length): self
    {
        if (preg_match('/^([\d.]+) to ([\d.]+) (.+)$/D', trim($range), $part) !== 1) {
            throw MalformedDocument::wrongSort($range, 'from what to what it is set, such as 10 to 60 N·m')->under('range');
        }
        $torque = static fn (string $figure): float => (float) Figure::of($figure.' '.$part[3], Dimension::Torque)->base;

        return new self($length, $torque($part[1]), $torque($part[2]), WrittenQuantity::of($resolution, Dimension::Torque));
    }

    /** The whole step nearest to a torque, counted from zero; halfway goes up. */
    public function nearest(float $torque): int
    {
        return (int) floor($torque / $this->step->base() + 0.5 + self::SAME);
    }

    /** What stands on the dial at a step, as it is written there: "17.5 lbf·ft". */
    public function written(int $step): string
    {
        $figure = BigDecimal::of($this->step->number()->toScale(12, RoundingMode::HALF_UP))->multipliedBy($step);

        return $figure->stripTrailingZeros().' '.$this->step->unit->symbol;
    }

    /** The torque of a step on the dial, in N·m: just what the written figure is. */
    public function dialled(int $step): float
    {
        return (float) WrittenQuantity::of($this->written($step))->base();
    }

    /** Whether it can be set there, the ends of its scale included. */
    public function reaches(float $dial): bool
    {
        $slack = self::SAME * max(1.0, $this->max);

        return $dial >= $this->min - $slack && $dial <= $this->max + $slack;
    }

    public function isTrustedAt(float $dial): bool
    {
        return $dial >= self::TRUSTED_FROM * $this->max - self::SAME * max(1.0, $this->max);
    }

    /** How far a setting lies from the middle of the scale, as a share of the scale. */
    public function fromMiddle(float $dial): float
    {
        $span = $this->max - $this->min;

        return $span > 0 ? abs($dial - ($this->min + $this->max) / 2) / $span : 0.0;
    }
}
