<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\PlannedPart;
use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Sheet\Slab;

final class Plan implements Calculation
{
    public function name(): string
    {
        return 'plan';
    }

    public function about(): string
    {
        return 'The whole order of work of an engine, how far a log has come in it, and what can be done now.';
    }

    public function example(): string
    {
        return '{"sheet": "ulvane-139r", "entries": [{"kind": "job_opened", "payload": {"condition": "apart"}}], "choices": {"base_gasket": "grease"}}';
    }

    public function answer(mixed $document): array
    {
        $state = PlanInput::state(Fields::of($document, ...PlanInput::KEYS));

        return [
            'slabs' => array_map(static fn (Slab $slab): array => ['id' => $slab->id, 'state' => $state->slabState($slab)->value], $state->sheet->slabs),
            'steps' => array_map(static fn (Step $step): array => [
                'id' => $step->id, 'slab' => $step->slab, 'places' => $step->places, 'kind' => $step->kind->value, 'state' => $state->stepState($step)->value, 'needs' => $step->needs,
                'blocked_by' => $state->stepState($step) === StepState::Blocked ? array_map(static fn (Blockage $blockage): array => $blockage->toArray(), $state->blockages($step)) : [],
            ], array_values($state->steps())),
            'next' => $state->nextSteps(),
            'parts' => array_map(static fn (PlannedPart $part): array => ['part' => $part->part, 'for' => $part->for, 'one_use' => $part->oneUse, 'state' => $part->state], $state->parts()),
        ];
    }
}
