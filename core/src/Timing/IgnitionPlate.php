<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Rotation;

/**
 * The plate that carries the points or the pick-up. A point that is too late is brought forward against the rotation of the shaft,
 * one that is too early with it; on a shaft at half speed by half as much. Source: shop practice.
 */
final readonly class IgnitionPlate
{
    public function __construct(private ?Length $radius, private Rotation $rotation, private bool $isHalfSpeed)
    {
    }

    /**
     * @param  int|float  $off  crank degrees, in billionths; positive where the point comes too early
     * @return int|float billionths of a degree of the plate
     */
    public function turn(int|float $off): int|float
    {
        return $this->isHalfSpeed ? abs($off) / 2 : abs($off);
    }

    /** Along its edge; nothing where its radius is not known. */
    public function rim(int|float $off): ?Length
    {
        return $this->radius === null ? null : Length::ofNanometres(deg2rad($this->turn($off) / 1e9) * $this->radius->nanometres);
    }

    /** Billionths of a crank degree for a way along its edge; nothing where its radius is not known. */
    public function crankOf(Length $rim): int|float|null
    {
        return $this->radius === null ? null : $this->crankOfTurn(rad2deg($rim->nanometres / $this->radius->nanometres) * 1e9);
    }

    /** Billionths of a crank degree for so many of the plate. */
    public function crankOfTurn(int|float $turn): int|float
    {
        return $this->isHalfSpeed ? $turn * 2 : $turn;
    }

    public function way(int|float $off): ?Rotation
    {
        return match (true) {
            $off == 0 => null,
            $off > 0 => $this->rotation,
            default => $this->rotation->opposite(),
        };
    }
}
