<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\StepKind;
use Moltrek\Core\Refusal\ContradictoryFields;

/** A step of the plan was done. */
final readonly class StepDone implements Kind
{
    use Ordinary;

    private function __construct(public string $step)
    {
    }

    public static function name(): string
    {
        return 'step_done';
    }

    public static function keys(): array
    {
        return ['step'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('step', 120));
    }

    public function admit(Before $before): void
    {
        $step = $before->step($this->step);
        $work = $before->state()->work;
        $first = $work->openNeeds($step)[0] ?? null;
        [$why, $allowed] = match (true) {
            $work->isDone($step) => ['This step has been done already.', 'a step that is ready'],
            $step->kind === StepKind::Hold && $step->asks->secondPerson => [
                'Two people answer this hold, one thing at a time.',
                'answers to what it asks',
            ],
            $first !== null => [
                'First: '.$work->steps()[$first]->words->name.'.'.(isset($step->order->access[$first])
                    ? ' '.$step->order->access[$first]->sentence() : ''),
                'a step that is ready',
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
        if ($step?->effect->lifts !== null) {
            $totals->undo(Undone::byLifting($totals->sheet, $step->effect->lifts, $entry));
        } elseif ($step !== null) {
            $totals->finish($step, $entry);
        }
    }

    public function words(BuildState $state): string
    {
        return $state->work->step($this->step)->words->name ?? $this->step;
    }
}
