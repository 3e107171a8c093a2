<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\OwnStep;

/** A step of the job's own: where it belongs, what comes before and after it, what it asks, takes and needs. */
final readonly class StepAdded implements Kind
{
    use Ordinary;

    private function __construct(private OwnStep $step)
    {
    }

    public static function name(): string
    {
        return 'step_added';
    }

    public static function payload(): Payload
    {
        return OwnStep::payload();
    }

    public static function read(Fields $payload): self
    {
        return new self(OwnStep::read($payload));
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherSlab($this->step->slab);
        if ($this->step->cylinder !== null) {
            $before->refuseOtherCylinder($this->step->cylinder);
        }
        $state = $before->state();
        if ($state->work->step($this->step->id) !== null) {
            throw ContradictoryFields::excluded('id', $this->step->id, 'A step of this id is in the plan already.', 'another id');
        }
        foreach (['needs' => $this->step->needs, 'before' => $this->step->before] as $field => $steps) {
            foreach ($steps as $index => $step) {
                $before->step($step, 'a step of this plan', "$field.$index");
            }
        }
        $basis = $state->basis();
        $plan = Plan::of($before->sheet, new Basis($basis->errands, $basis->schools, $basis->bores, [...$basis->own, $this->step]));
        foreach ($this->step->before as $index => $later) {
            if (! in_array($this->step->id, $plan[$later]->order->needs, true)) {
                throw ContradictoryFields::excluded("before.$index", $later, 'What it needs waits for this step.',
                    'a step that comes after it');
            }
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->brief->add($this->step);
        $totals->replan();
    }

    public function words(BuildState $state): string
    {
        return 'Step added: '.lcfirst($this->step->name);
    }
}
