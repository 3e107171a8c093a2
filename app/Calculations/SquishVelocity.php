<?php

namespace App\Calculations;

use Moltrek\Core\Chamber\SquishVelocity as Velocity;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Timing\CrankGeometry;

final class SquishVelocity implements Calculation
{
    public function name(): string
    {
        return 'squish-velocity';
    }

    public function about(): string
    {
        return 'How fast the charge leaves the squish band at its peak, and how long before top dead centre.';
    }

    public function example(): string
    {
        return '{"bore": "72.5 mm", "stroke": "72.0 mm", "rod": "132 mm", "speed": "8000 rpm", "bowl": {"diameter": "50 mm", "volume": "22 cc"}, "squish": "1.2 mm"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'bore', 'stroke', 'rod', 'speed', 'bowl', 'squish');
        [$bore, $stroke, $rod] = [$in->size('bore'), $in->size('stroke'), $in->size('rod')];
        $crank = $in->placing(static fn (): CrankGeometry => CrankGeometry::of($stroke, $rod));
        $speed = $in->positive('speed', Dimension::RotationSpeed);
        $bowl = $in->object('bowl', 'diameter', 'volume');
        $across = $bowl->size('diameter');
        if (! $across->isLessThan($bore)) {
            throw $bowl->placed(OutOfDomain::because('diameter', 'A bowl is narrower than its bore, or there is no band.', $bowl->text('diameter'), 'less than '.$bore->written()));
        }

        return Velocity::of($crank, $bore, $speed, $across, $bowl->positive('volume', Dimension::Volume), $in->size('squish'))->toArray();
    }
}
