<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Timing\MarksMeet;

final class MarkTurns implements Calculation
{
    public function name(): string
    {
        return 'mark-turns';
    }

    public function about(): string
    {
        return 'After how many turns the marks of two wheels meet again.';
    }

    public function example(): string
    {
        return '{"turned": 22, "other": 36}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'turned', 'other');
        [$turned, $other] = [$in->whole('turned', 2), $in->whole('other', 2)];

        return ['turns' => MarksMeet::afterTurns($turned, $other), 'other_turns' => MarksMeet::afterTurns($other, $turned)];
    }
}
