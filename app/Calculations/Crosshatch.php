<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Measuring\Crosshatch as Hatch;
use Moltrek\Core\Quantity\Dimension;

final class Crosshatch implements Calculation
{
    public function name(): string
    {
        return 'crosshatch';
    }

    public function about(): string
    {
        return 'The angle a hone leaves, and the strokes a minute that would meet the aim.';
    }

    public function example(): string
    {
        return '{"bore": "86.0 mm", "spindle": "90 rpm", "stroke": "98 mm", "strokes_per_minute": 60, "aim": {"min": "40 deg", "max": "50 deg"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'bore', 'spindle', 'stroke', 'strokes_per_minute', 'aim');
        $hatch = new Hatch($in->size('bore'), $in->positive('spindle', Dimension::RotationSpeed), $in->size('stroke'), $in->number('strokes_per_minute'));
        $aim = LimitDocument::read($in, 'aim', Dimension::Angle, signed: true);
        $degree = Dimension::Angle->stepsPerUnit();

        return [
            'angle' => Dimension::Angle->quantity($hatch->angle() * $degree),
            'verdict' => $hatch->verdict($aim)->toArray(),
            'strokes_for_aim' => $hatch->strokesFor($aim),
        ];
    }
}
