<?php

namespace App\Bench;

use App\Http\Shapes\FloorJobShape;
use App\Http\Shapes\JobShape;
use App\Models\Job;
use App\Models\Shop;
use DateTimeImmutable;
use Moltrek\Core\Log\BuildState;

/** A replayed build as the screens take it: one view for each chapter. */
final readonly class BuildView
{
    public function __construct(private Job $job, private BuildState $state, private DateTimeImmutable $now)
    {
    }

    public function job(int $lastSeq): JobShape
    {
        return new JobShape(
            $this->job->number, $this->state->sheet->title(), Shop::zone(),
            (new EngineView($this->job, $this->state->sheet))->shape(),
            (new StackView($this->state))->shape(),
            (new PlanView($this->state))->shape(),
            (new MeasuringView($this->state))->shape(),
            (new FittingView($this->state))->shape(),
            (new TorqueView($this->state, $this->now))->shape(),
            (new PartsView($this->state))->shape(),
            (new ClosingView($this->job, $this->state, $this->now))->shape(),
            (new SlipView($this->state))->shape($lastSeq),
        );
    }

    public function floor(): FloorJobShape
    {
        $sheet = $this->state->sheet;
        $promise = ClosingView::promise($this->job, $this->now);
        $stack = new StackView($this->state);
        $plan = new PlanView($this->state);

        return new FloorJobShape(
            $this->job->number, $sheet->title(), $sheet->description(), $this->job->owner,
            $promise->day, $promise->inWords, $promise->late,
            $plan->progress(), $stack->togetherUpTo(), DrawingView::of($sheet), $stack->onFloor(),
            $plan->next(), (new PartsView($this->state))->orders(), $plan->waits(), $plan->minutesLeft(), $plan->shortMoves(),
        );
    }
}
