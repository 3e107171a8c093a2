<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Torquing\WrenchChoice;

final class PickWrench implements Calculation
{
    public function name(): string
    {
        return 'pick-wrench';
    }

    public function about(): string
    {
        return 'Which of the wrenches at hand, with which adapter, can give a torque, the best first.';
    }

    public function example(): string
    {
        return '{"target": {"min": "22 N·m", "max": "26 N·m"}, "wrenches": [{"id": "w1", "length": "300 mm", "min": "5 N·m", "max": "50 N·m", "step": "0.5 N·m"}, '
            .'{"id": "w2", "min": "20 N·m", "max": "200 N·m", "step": "1 N·m"}], "adapters": [{"id": "foot", "length": "60 mm", "angle": "90 deg"}]}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'target', 'aim', 'tolerance', 'wrenches', 'adapters', 'needs_adapter');
        $target = TorqueInput::target($in);
        $wrenches = $adapters = [];
        foreach ($in->required('wrenches')->objects('wrenches', 'id', ...TorqueInput::WRENCH) as $wrench) {
            $wrenches[] = [$wrench->text('id', 60), TorqueInput::wrench($wrench)];
        }
        foreach ($in->objects('adapters', 'id', ...TorqueInput::ADAPTER) as $adapter) {
            $adapters[] = [$adapter->text('id', 60), TorqueInput::adapter($adapter)];
        }
        $choices = WrenchChoice::among($target, $wrenches, $adapters, $in->flag('needs_adapter'));

        return ['choices' => array_map(static fn (WrenchChoice $choice): array => $choice->toArray(), $choices)];
    }
}
