<?php

namespace App\Bench;

use App\Http\Shapes\ActShape;
use App\Http\Shapes\AssessmentShape;
use App\Http\Shapes\FindingShape;
use App\Http\Shapes\FloorJobShape;
use App\Http\Shapes\FloorSlabShape;
use App\Http\Shapes\JobShape;
use App\Http\Shapes\NextShape;
use App\Http\Shapes\PartShape;
use App\Http\Shapes\SlabShape;
use App\Http\Shapes\SlipLineShape;
use App\Http\Shapes\SpotShape;
use App\Http\Shapes\ToolShape;
use App\Http\Shapes\VerdictCountShape;
use App\Models\Instrument;
use App\Models\Job;
use DateTimeImmutable;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryStruck;
use Moltrek\Core\Log\JobOpened;
use Moltrek\Core\Log\Parts\PartOnOrder;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Promise;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Finding;
use Moltrek\Core\Sheet\Slab;

/** A replayed build as the screens take it. */
final readonly class BuildView
{
    public function __construct(private Job $job, private BuildState $state, private DateTimeImmutable $now)
    {
    }

    public function job(int $lastSeq): JobShape
    {
        $sheet = $this->state->sheet;
        $days = $this->daysLeft();
        $barrel = new BarrelView($this->state);
        $plan = new PlanView($this->state);
        $marks = new MarksView($this->state);

        return new JobShape(
            $this->job->number, $sheet->title(), $sheet->description(), self::facts($sheet), $this->job->owner, $this->state->closing->complaint(),
            $this->job->promised?->format('Y-m-d'), $days === null ? null : Promise::inWords($days), $days !== null && $days < 0,
            $lastSeq, round($this->state->work->fraction(), 3), $this->state->slabs->togetherUpTo()?->id,
            DrawingView::of($sheet),
            array_map($this->slab(...), $sheet->stack->slabs),
            array_map($this->spot(...), array_values($this->state->spots)),
            array_map($this->assessment(...), array_values($this->state->verdicts->all())),
            $plan->steps(),
            $this->next(), $this->parts(), self::tools(), $this->slip(),
            $barrel->advice(), $barrel->pairing(), $barrel->gaps(), $marks->parts(), $marks->settledBy(), $marks->shells(), $barrel->honing(), $this->job->newerSheet(), $this->job->sheet->slug, $this->job->sheet->version,
            $this->state->work->next(), $plan->waits(), $plan->ledger(), $plan->debts(), $plan->parts(), $plan->schools(),
            $this->state->closing->openEnds(), $plan->symptoms(), $plan->minutesLeft(), $this->job->earlier(), array_map(static fn (BoltBoard $board): string => $board->slab->id, BoltBoard::all($sheet)),
            array_map(static fn (Act $act): ActShape => new ActShape($act->value, $act->isOfCylinder(), $act->isOfRing(), $act->isOfValve()), Act::on($sheet)),
            $plan->homeParts(),
            array_map(static fn (Finding $finding): FindingShape => new FindingShape($finding->text, $finding->from), $sheet->work->findings), $sheet->identity->notes,
            DatesView::people(), $this->state->closing->handedOver()?->at->format('Y-m-d\TH:i:s.v\Z'),
            Shop::zone(),
        );
    }

    public function floor(): FloorJobShape
    {
        $sheet = $this->state->sheet;
        $days = $this->daysLeft();

        return new FloorJobShape(
            $this->job->number, $sheet->title(), $sheet->description(), $this->job->owner,
            $this->job->promised?->format('Y-m-d'), $days === null ? null : Promise::inWords($days), $days !== null && $days < 0,
            round($this->state->work->fraction(), 3), $this->state->slabs->togetherUpTo()?->id,
            DrawingView::of($sheet),
            array_map(fn (Slab $slab): FloorSlabShape => new FloorSlabShape($slab->id, $slab->kind->value, $this->state->slabs->of($slab)->value), $sheet->stack->slabs),
            $this->next(), $this->parts(), (new PlanView($this->state))->waits(), (new PlanView($this->state))->minutesLeft(), $this->shortMoves(),
        );
    }

    /** @return list<string> other things that can be done now, each with its minutes: what fits a short free slot */
    private function shortMoves(): array
    {
        $next = $this->state->nextMove()->id;
        $steps = array_filter(array_map(fn (string $id): Step => $this->state->work->steps()[$id], $this->state->work->next()), static fn (Step $step): bool => $step->id !== $next && $step->minutes <= 30);

        return array_map(static fn (Step $step): string => $step->minutes.' minutes: '.lcfirst($step->words->name), array_slice(array_values($steps), 0, 2));
    }

    public function assessment(Assessment $assessment): AssessmentShape
    {
        $spots = array_filter(array_map(fn (string $id): ?Spot => $this->state->spots[$id] ?? null, $assessment->subject->spots));
        $last = $spots[array_key_last($spots) ?? 0] ?? null;
        $isExpected = $assessment->subject->source->offered !== [] || $assessment->verdict !== null || $last?->expected === true;

        return AssessmentView::of($assessment, $last === null ? $this->state->sheet->stack->slabs[0]->id : $this->state->readings->slabOf($last)->id, $isExpected);
    }

    /** @return list<SlipLineShape> the newest first */
    public function slip(): array
    {
        $shown = array_filter($this->state->entries, static fn (Entry $entry): bool => ! $entry->said instanceof EntryStruck);

        return array_map($this->slipLine(...), array_reverse(array_values($shown)));
    }

    private function slipLine(Entry $entry): SlipLineShape
    {
        $strike = $this->state->struck[$entry->id] ?? null;

        return new SlipLineShape(
            $entry->id, $entry->kind(), $entry->at->format('Y-m-d\TH:i:s.v\Z'), $entry->by, $entry->said->words($this->state),
            $strike?->by, $strike?->said instanceof EntryStruck ? $strike->said->reason : null,
            $strike === null && ! $entry->said instanceof JobOpened, $entry->photo(),
        );
    }

    private function slab(Slab $slab): SlabShape
    {
        $open = array_filter($this->state->work->steps(), fn (Step $step): bool => $step->place->slab === $slab->id && ! $this->state->work->isDone($step));
        $unread = array_filter($this->state->readings->expected(), fn (Spot $spot): bool => $this->state->readings->slabOf($spot)->id === $slab->id && $this->state->readings->entryAt($spot->id) === null);

        return new SlabShape($slab->id, $slab->name, $slab->kind->value, $this->state->slabs->of($slab)->value, $slab->note,
            count($open) + count($unread), $this->verdictCounts($slab));
    }

    /** @return list<VerdictCountShape> */
    private function verdictCounts(Slab $slab): array
    {
        $counts = [];
        foreach ($this->state->verdicts->all() as $assessment) {
            $spot = $this->state->spots[$assessment->subject->spots[0]] ?? null;
            if ($assessment->verdict !== null && $spot !== null && $this->state->readings->slabOf($spot)->id === $slab->id) {
                $counts[$assessment->verdict->state->value] = ($counts[$assessment->verdict->state->value] ?? 0) + 1;
            }
        }
        uksort($counts, static fn (string $one, string $other): int => State::from($other)->gravity() <=> State::from($one)->gravity());

        return array_map(static fn (string $state, int $count): VerdictCountShape => new VerdictCountShape($state, $count), array_keys($counts), array_values($counts));
    }

    private function spot(Spot $spot): SpotShape
    {
        return SpotView::of($this->state, $spot);
    }

    private function next(): NextShape
    {
        $next = $this->state->nextMove();

        return new NextShape($next->kind, $next->id, $next->slab, $next->text, $next->why, $next->canBeWorked());
    }

    /** @return list<PartShape> */
    private function parts(): array
    {
        return array_map(static fn (PartOnOrder $part): PartShape => new PartShape($part->part, $part->promised), $this->state->parts->onOrder());
    }

    private function daysLeft(): ?int
    {
        return $this->job->promised === null ? null : Promise::daysLeft($this->now, $this->job->promised);
    }

    /** @return list<ToolShape> */
    public static function tools(): array
    {
        return array_values(Instrument::all()->sortBy('id')
            ->map(static fn (Instrument $tool): ToolShape => new ToolShape($tool->id, $tool->name, $tool->kind, $tool->doubt, $tool->leaves, $tool->range, $tool->resolution, $tool->checked_on?->format('Y-m-d'), $tool->next_check?->format('Y-m-d'), $tool->isOverdue(Shop::now()), $tool->simulated))
            ->all());
    }

    public static function facts(EngineSheet $sheet): string
    {
        $size = static fn (float $millimetres): string => number_format($millimetres, 1);

        return sprintf('%s × %s mm · %s cm³ · %s bore · %s piston', $size($sheet->geometry->bore->quantity()['value']), $size($sheet->geometry->stroke->quantity()['value']),
            number_format($sheet->displacement(), 1), $sheet->barrel->lining->value, $sheet->piston->type->value);
    }
}
