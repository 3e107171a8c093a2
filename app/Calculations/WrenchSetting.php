<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Torquing\WrenchSetting as Setting;

final class WrenchSetting implements Calculation
{
    public function name(): string
    {
        return 'wrench-setting';
    }

    public function about(): string
    {
        return 'What to set on a torque wrench, with an adapter or without, so that the bolt gets its torque.';
    }

    public function example(): string
    {
        return '{"target": "24 N·m", "wrench": {"length": "300 mm", "min": "5 N·m", "max": "50 N·m", "step": "0.5 N·m"}, "adapter": {"length": "60 mm", "angle": "0 deg"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'target', 'aim', 'tolerance', 'wrench', 'adapter');
        $target = TorqueInput::target($in);
        $wrench = TorqueInput::wrench($in->object('wrench', ...TorqueInput::WRENCH));
        $adapter = $in->objectOrNull('adapter', ...TorqueInput::ADAPTER);

        return Setting::of($target, $wrench, $adapter === null ? null : TorqueInput::adapter($adapter))->toArray();
    }
}
