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
            number: $this->job->number,
            title: $this->state->sheet->title(),
            zone: Shop::zone(),
            engine: (new EngineView($this->job, $this->state->sheet))->shape(),
            stack: (new StackView($this->state))->shape(),
            planning: (new PlanView($this->state))->shape(),
            measuring: (new MeasuringView($this->state))->shape(),
            fitting: (new FittingView($this->state))->shape(),
            torquing: (new TorqueView($this->state, $this->now))->shape(),
            parts: (new PartsView($this->state))->shape(),
            closing: (new ClosingView($this->job, $this->state, $this->now))->shape(),
            log: (new SlipView($this->state))->shape($lastSeq),
        );
    }

    public function floor(): FloorJobShape
    {
        $sheet = $this->state->sheet;
        $promise = ClosingView::promise($this->job, $this->now);
        $stack = new StackView($this->state);
        $plan = new PlanView($this->state);

        return new FloorJobShape(
            number: $this->job->number,
            title: $sheet->title(),
            description: $sheet->description(),
            owner: $this->job->owner,
            promised: $promise->day,
            promisedInWords: $promise->inWords,
            late: $promise->late,
            progress: $plan->progress(),
            togetherUpTo: $stack->togetherUpTo(),
            drawing: DrawingView::of($sheet),
            slabs: $stack->onFloor(),
            next: $plan->next(),
            parts: (new PartsView($this->state))->orders(),
            waits: $plan->waits(),
            minutesLeft: $plan->minutesLeft(),
            shortMoves: $plan->shortMoves(),
        );
    }
}
