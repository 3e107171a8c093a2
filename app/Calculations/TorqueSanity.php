<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Torquing\Friction;
use Moltrek\Core\Torquing\StrengthClass;
use Moltrek\Core\Torquing\Thread;
use Moltrek\Core\Torquing\TorqueSanity as Sanity;

final class TorqueSanity implements Calculation
{
    public function name(): string
    {
        return 'torque-sanity';
    }

    public function about(): string
    {
        return 'Whether a torque can be meant for this thread, and in which other unit it would be.';
    }

    public function example(): string
    {
        return '{"torque": "210 N·m", "thread": "M8x1.25", "class": "8.8", "condition": "dry"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'torque', 'thread', 'class', 'condition');
        TorqueInput::torque($in, 'torque');
        $torque = $in->quantity('torque', Dimension::Torque);
        $thread = $in->placing(static fn (): Thread => Thread::of($in->text('thread', 40)), 'thread');

        return Sanity::of($torque, $thread, $in->choice('class', StrengthClass::class), $in->choice('condition', Friction::class))->toArray();
    }
}
