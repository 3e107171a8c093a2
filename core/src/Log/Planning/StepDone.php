<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\FormerSteps;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\StepKind;

/** A step of the plan was done. */
final readonly class StepDone implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(120)] public string $step,
    ) {
    }

    public static function name(): string
    {
        return 'step_done';
    }

    public function admit(Before $before): void
    {
        $step = $before->step($this->step);
        self::refuseOutOfTurn($before->state(), $step);
        if ($step->kind === StepKind::Torque && ! $before->isTrial) {
            throw ContradictoryFields::excluded('step', $step->id,
                'A joint is done when its run is complete and its check pass stands, and by nothing else.', 'a run of this joint');
        }
    }

    /** @throws ContradictoryFields for a step that is done, or whose turn has not come */
    public static function refuseOutOfTurn(BuildState $state, Step $step): void
    {
        $work = $state->work;
        $open = $work->openNeeds($step);
        $first = array_values(array_intersect($open, array_keys($step->order->access)))[0] ?? $open[0] ?? null;
        [$why, $allowed] = match (true) {
            $work->isDone($step) => ['This step has been done already.', 'a step that is ready'],
            $step->kind === StepKind::Hold && $step->asks->secondPerson => [
                'Two people answer this hold, one thing at a time.',
                'answers to what it asks',
            ],
            $first !== null => [
                'First: '.$work->steps()[$first]->words->name.'.'.(isset($step->order->access[$first])
                    ? ' '.$step->order->access[$first]->sentence() : ' The parts allow no other order.'),
                'a step that is ready',
            ],
            ($work->questions->open($step)[0] ?? null) !== null => [
                VerdictQuestions::asked($work->questions->open($step)[0]),
                'a hold whose verdicts are settled, or accepted by name',
            ],
            default => [($work->blockages($step)[0] ?? null)?->why, 'a step that is ready'],
        };
        if ($why !== null) {
            throw ContradictoryFields::excluded('step', $step->id, $why, $allowed);
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $step = $totals->progress->step($this->step);
        foreach ($step === null ? FormerSteps::now($this->step, $totals->sheet) : [] as $former) {
            $now = $totals->progress->step($former);
            $hold = $now?->order->hold === null ? null : $totals->progress->step($now->order->hold);
            if ($hold !== null && $totals->progress->doneBy($hold->id) === null) {
                $totals->finish($hold, $entry);
            }
            if ($now !== null) {
                $this->finish($totals, $now, $entry);
            }
        }
        if ($step !== null) {
            $this->finish($totals, $step, $entry);
        }
    }

    private function finish(Totals $totals, Step $step, Entry $entry): void
    {
        if ($step->effect->joint->lifts !== null) {
            $totals->undo(Undone::byLifting($totals->sheet, [$step->effect->joint->lifts], $entry));

            return;
        }
        $totals->finish($step, $entry);
    }

    public function words(BuildState $state): string
    {
        $now = $state->work->step($this->step) ?? $state->work->step(FormerSteps::now($this->step, $state->sheet)[0] ?? '');

        return $now->words->name ?? ucfirst(str_replace(['-', '.'], ' ', $this->step));
    }
}
