<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Planning\LiftCost as Cost;
use Moltrek\Core\Refusal\MalformedDocument;

final class LiftCost implements Calculation
{
    public function name(): string
    {
        return 'lift-cost';
    }

    public function about(): string
    {
        return 'What it costs to reach a slab: what comes off, what is spent, what must be done again.';
    }

    public function example(): string
    {
        return '{"sheet": "ulvane-139r", "to": "barrel"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'to', ...PlanInput::KEYS);
        $state = PlanInput::state($in);
        $slab = $state->sheet->stack->named($in->text('to', 60));
        if ($slab === null) {
            throw $in->placed(MalformedDocument::wrongSort($in->raw('to'), 'one of '.implode(', ', array_column($state->sheet->stack->slabs, 'id'))), 'to');
        }

        return Cost::to($state, $slab)->toArray();
    }
}
