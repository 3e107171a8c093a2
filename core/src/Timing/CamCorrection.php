<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Quantity\Dimension;

/** How far a cam is to be moved so that its centreline comes to what its maker states, and in whole teeth of its wheel. */
final readonly class CamCorrection
{
    /**
     * @param  int|float  $error  centreline less aim, in billionths of a crank degree
     * @param  bool  $isInlet  an inlet’s centreline lies after the top: larger is late; an exhaust’s before it: larger is early
     */
    public function __construct(public int|float $error, private bool $isInlet, private ?CamWheelStep $wheel)
    {
    }

    /** Forward in its own turning, back, or not at all. */
    public function way(): ?CamWay
    {
        return match (true) {
            $this->error == 0 => null,
            $this->isInlet === $this->error > 0 => CamWay::Advance,
            default => CamWay::Retard,
        };
    }

    /** By how many crank degrees the side is later than stated; earlier, where it is negative. */
    public function later(): float
    {
        return ($this->isInlet ? $this->error : -$this->error) / 1e9;
    }

    /** What it is turned by in the slots of its wheel: degrees of the cam. */
    public function slot(): float
    {
        return abs($this->error) / 2e9;
    }

    /** Whole teeth of the wheel, whichever way; nothing where its teeth are not known. */
    public function teeth(): ?int
    {
        return $this->wheel === null ? null : abs($this->wheel->closestTo($this->error));
    }

    /** What is left of the error after those teeth. */
    public function left(): int|float|null
    {
        return $this->wheel?->left($this->error, $this->wheel->closestTo($this->error));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $left = $this->left();

        return [
            'crank' => Dimension::Angle->quantity(abs($this->error)),
            'cam' => Dimension::Angle->quantity(abs($this->error) / 2),
            'way' => $this->way()?->value,
            'teeth' => $this->teeth(),
            'left' => $left === null ? null : Dimension::Angle->quantity($left),
        ];
    }
}
