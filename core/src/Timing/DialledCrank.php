<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/** A crank with a dial over its piston, inclined where the plug hole is: it reads x / cos incline on a flat crown. */
final readonly class DialledCrank
{
    public const KEYS = ['stroke', 'rod', 'incline'];

    /** A dial that leans further than this does not follow the crown. */
    private const MOST = 60;

    /** @param  int|float  $stroke  nanometres */
    private function __construct(public CrankGeometry $geometry, public int|float $stroke, private float $cosine)
    {
    }

    /** @param  int|float  $incline  billionths of a degree */
    public static function of(Length $stroke, Length $rod, int|float $incline = 0): self
    {
        return new self(CrankGeometry::of($stroke, $rod), $stroke->nanometres, cos(deg2rad($incline / 1e9)));
    }

    public static function read(Fields $in): self
    {
        [$stroke, $rod] = [$in->size('stroke'), $in->size('rod')];
        $geometry = $in->placing(static fn (): CrankGeometry => CrankGeometry::of($stroke, $rod));
        $incline = $in->has('incline') ? $in->angle('incline') : 0;
        $steps = Dimension::Angle->stepsPerUnit();
        if ($incline < 0 || $incline > self::MOST * $steps) {
            throw $in->placed(OutOfDomain::because('incline', 'A dial does not stand so in a plug hole.', $in->text('incline'),
                'from 0 to 60 deg'));
        }

        return new self($geometry, $stroke->nanometres, cos(deg2rad($incline / $steps)));
    }

    public function dialOf(int|float $below): int|float
    {
        return $this->cosine === 1.0 ? $below : $below / $this->cosine;
    }

    public function belowOf(int|float $dial): int|float
    {
        return $this->cosine === 1.0 ? $dial : $dial * $this->cosine;
    }

    /** Billionths of a degree from top dead centre, the ends of the stroke included. */
    public function turnTo(int|float $below): float
    {
        return $this->geometry->turnTo(min(max($below, 0), $this->stroke) / 1e6) * 1e9;
    }
}
