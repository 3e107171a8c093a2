<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Timing\CamWheelStep;

final class CamTooth implements Calculation
{
    public function name(): string
    {
        return 'cam-tooth';
    }

    public function about(): string
    {
        return 'What one tooth of a cam wheel is, and how many come closest to an error.';
    }

    public function example(): string
    {
        return '{"teeth": 34, "error": "7 deg", "of": "cam"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'teeth', 'error', 'of');
        $wheel = new CamWheelStep($in->whole('teeth', 3));
        $error = $in->angle('error');
        $crank = $in->word('of', 'cam', 'crank') === 'cam' ? $error * 2 : $error;
        $best = $wheel->closestTo($crank);
        $left = $wheel->left($crank, $best);
        $degrees = Dimension::Angle->quantity(...);

        return [
            'tooth' => ['cam' => $degrees($wheel->cam()), 'crank' => $degrees($wheel->crank())],
            'best' => $best,
            'left' => ['cam' => $degrees($left / 2), 'crank' => $degrees($left)],
        ];
    }
}
