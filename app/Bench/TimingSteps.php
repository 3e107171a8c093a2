<?php

namespace App\Bench;

use App\Http\Shapes\TimingStepShape;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\StepKind;

/** A step that an act at a bench answers, as the screens take it: whether its turn has come, and what holds it. */
final class TimingSteps
{
    /** A step that is still to be done; nothing where the plan has it not, or it is done. */
    public static function open(BuildState $state, string $id): ?TimingStepShape
    {
        $step = $state->work->step($id);

        return $step === null || $state->work->isDone($step) ? null : self::shape($state, $step);
    }

    public static function shape(BuildState $state, ?Step $step): ?TimingStepShape
    {
        if ($step === null) {
            return null;
        }
        $needs = $state->work->openNeeds($step);
        $first = $needs === [] ? null : $state->work->step($needs[0])?->words->name;
        $held = $first === null ? ($state->work->blockages($step)[0] ?? null)?->why : 'First: '.lcfirst($first).'.';

        return new TimingStepShape(
            id: $step->id,
            name: $step->words->name,
            slab: $step->place->slab,
            ready: $held === null,
            torque: $step->kind === StepKind::Torque,
            held: $held,
        );
    }
}
