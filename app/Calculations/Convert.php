<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\UnitOfMeasure;
use Moltrek\Core\Quantity\WrongUnit;

final class Convert implements Calculation
{
    public function name(): string
    {
        return 'convert';
    }

    public function about(): string
    {
        return 'A quantity in another unit of its kind.';
    }

    public function example(): string
    {
        return '{"value": "2.1650 in", "to": "mm"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'value', 'to');
        $value = $in->quantity('value');
        $to = $in->text('to');
        $unit = UnitOfMeasure::named(trim($to));
        if ($unit === null) {
            throw $in->placed(WrongUnit::unknown($to, $value->unit->dimension), 'to');
        }

        return $in->placing(static fn (): array => ['result' => ['value' => $value->in($unit), 'unit' => $unit->symbol]], 'to');
    }
}
