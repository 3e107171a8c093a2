<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Timing\CamShift as Shift;

final class CamShift implements Calculation
{
    public function name(): string
    {
        return 'cam-shift';
    }

    public function about(): string
    {
        return 'What another distance between crank and cam does to a cam that its chain pulls.';
    }

    public function example(): string
    {
        return '{"change": "0.30 mm", "teeth": 34, "pitch": "6.35 mm"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'change', 'teeth', 'pitch');
        $change = $in->signedLength('change');
        $shift = Shift::of($change, $in->whole('teeth', 3), $in->size('pitch'));

        return [
            'radius' => $shift->radius->quantity(),
            'cam' => ['value' => abs($shift->cam), 'unit' => 'deg'],
            'crank' => ['value' => abs($shift->crank()), 'unit' => 'deg'],
            'way' => $change->nanometres == 0 ? null : ($change->isPositive() ? 'advance' : 'retard'),
        ];
    }
}
