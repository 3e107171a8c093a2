<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Parts\PlannedPart;
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
            'slabs' => array_map(static fn (Slab $slab): array => ['id' => $slab->id, 'state' => $state->slabs->of($slab)->value], $state->sheet->stack->slabs),
            'steps' => array_map(static fn (Step $step): array => self::step($state, $step), array_values($state->work->steps())),
            'next' => $state->work->next(),
            'parts' => array_map(static fn (PlannedPart $part): array => [
                'part' => $part->part, 'for' => $part->for, 'one_use' => $part->oneUse, 'state' => $part->state,
            ], PlannedPart::all($state)),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(BuildState $state, Step $step): array
    {
        $stands = $state->work->stateOf($step);
        $blocked = $stands === StepState::Blocked ? $state->work->blockages($step) : [];

        return [
            'id' => $step->id, 'slab' => $step->place->slab, 'places' => $step->place->places, 'kind' => $step->kind->value,
            'state' => $stands->value, 'needs' => $step->order->needs,
        ] + ($step->asks->items === [] ? [] : ['asks' => $step->asks->items]) + [
            'blocked_by' => array_map(static fn (Blockage $blockage): array => $blockage->toArray(), $blocked),
        ];
    }
}
