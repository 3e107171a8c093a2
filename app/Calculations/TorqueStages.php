<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Torquing\Stages;

final class TorqueStages implements Calculation
{
    public function name(): string
    {
        return 'torque-stages';
    }

    public function about(): string
    {
        return 'The stages in which one final torque is reached, by a school of the trade.';
    }

    public function example(): string
    {
        return '{"final": "40 N·m", "school": "thirds", "step": "0.5 N·m"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'final', 'school', 'step');
        $final = $in->positive('final', Dimension::Torque);
        $school = $in->choice('school', Stages::class);
        $step = $in->has('step') ? $in->positive('step', Dimension::Torque) : null;
        $stages = $in->placing(static fn (): array => $school->of($final, $step));

        return ['stages' => array_map(Dimension::Torque->quantity(...), $stages)];
    }
}
