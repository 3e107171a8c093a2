<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;

final class Premix implements Calculation
{
    private const RICHEST = 5;

    private const LEANEST = 200;

    public function name(): string
    {
        return 'premix';
    }

    public function about(): string
    {
        return 'The oil for a can of fuel at a mixing ratio.';
    }

    public function example(): string
    {
        return '{"fuel": "5 L", "ratio": 32}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'fuel', 'ratio');
        $fuel = $in->positive('fuel', Dimension::Volume);
        $ratio = $in->number('ratio');
        if ($ratio < self::RICHEST || $ratio > self::LEANEST) {
            throw $in->placed(MalformedDocument::wrongSort($ratio, sprintf('a number from %d to %d', self::RICHEST, self::LEANEST)), 'ratio');
        }

        return ['oil' => Dimension::Volume->quantity($fuel / $ratio)];
    }
}
