<?php

namespace Moltrek\Core\ValveGear;

use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * A valve whose clearance its shim sets: after = measured + (old − new) · ratio, the ratio 1 under a bucket, the lever’s under a
 * finger. Source: geometry. Lengths in nanometres.
 */
final readonly class ShimmedValve
{
    /** A smaller difference than this is none: 1e-9 mm. */
    private const ALIKE = 1e-3;

    public function __construct(
        public string $id,
        public LashRead $measured,
        public int|float $shim,
        public float $ratio,
        public LashTarget $target,
        public int|float $aimed,
    ) {
    }

    /** @return array{int|float, int|float} what its clearance would be with another shim, both ends */
    public function with(int|float $shim): array
    {
        $change = ($this->shim - $shim) * $this->ratio;

        return [$this->measured->low + $change, $this->measured->high + $change];
    }

    public function fits(int|float $shim): bool
    {
        return $this->target->holds(...$this->with($shim));
    }

    /** How far the middle would lie from what is aimed at. */
    public function offAim(int|float $shim): float
    {
        return abs($this->middleWith($shim) - $this->aimed);
    }

    public function middleWith(int|float $shim): float
    {
        return array_sum($this->with($shim)) / 2;
    }

    /** @return array{float, float}|null the thinnest and the thickest shim that bring it inside; null where none can */
    public function fitting(): ?array
    {
        $thinnest = $this->shim - ($this->target->max - $this->measured->high) / $this->ratio;
        $thickest = $this->shim - ($this->target->min - $this->measured->low) / $this->ratio;

        return $thickest < $thinnest - self::ALIKE || $thickest < self::ALIKE ? null : [max($thinnest, 0.0), $thickest];
    }

    /** The shim that would meet what is aimed at. */
    public function ideal(): float
    {
        return $this->shim - ($this->aimed - $this->measured->middle()) / $this->ratio;
    }

    /** @throws OutOfDomain always: which size would bring it inside, or that none can */
    public function refuse(): never
    {
        $fitting = $this->fitting();
        $read = Dimension::Length->written($this->measured->low).($this->measured->isBracket
            ? ' to '.Dimension::Length->written($this->measured->high) : '');
        throw $fitting === null
            ? OutOfDomain::because('measured', 'No shim brings this valve inside: what was read is wider than the target.', $read,
                'leaves that lie closer together')
            : OutOfDomain::because('measured', 'No shim at hand or sold brings this valve inside.', $read,
                'a shim from '.Dimension::Length->written($fitting[0]).' to '.Dimension::Length->written($fitting[1]));
    }
}
