<?php

namespace App\Build;

use App\Http\Shapes\AskShape;
use App\Http\Shapes\BlockageShape;
use App\Http\Shapes\DebtShape;
use App\Http\Shapes\HomePartShape;
use App\Http\Shapes\LedgerItemShape;
use App\Http\Shapes\LiftCostShape;
use App\Http\Shapes\LiftItemShape;
use App\Http\Shapes\PlannedPartShape;
use App\Http\Shapes\SchoolOptionShape;
use App\Http\Shapes\SchoolShape;
use App\Http\Shapes\StepShape;
use App\Http\Shapes\SymptomShape;
use App\Http\Shapes\WaitShape;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Debt;
use Moltrek\Core\Log\EntryKind;
use Moltrek\Core\Log\Ledger;
use Moltrek\Core\Log\PlannedPart;
use Moltrek\Core\Log\RunningWait;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Planning\HomePart;
use Moltrek\Core\Planning\LiftCost;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\Suspects;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\Symptom;

/** The order of work as the screens take it. */
final readonly class PlanView
{
    private const INSTANT = 'Y-m-d\TH:i:s.v\Z';

    public function __construct(private BuildState $state)
    {
    }

    /** @return list<StepShape> */
    public function steps(): array
    {
        return array_map($this->step(...), array_values($this->state->steps()));
    }

    private function step(Step $step): StepShape
    {
        $done = $this->state->isDone($step) ? $this->state->doneBy($step->id) : null;

        return new StepShape(
            $step->id, $step->slab, $step->cylinder, $step->kind->value, $step->name, $step->why, $step->how, $step->uses, $step->tools, $this->state->partsOf($step),
            $step->caution, $step->minutes, $step->secondPerson, $this->state->stepState($step)->value, $this->state->canBeDone($step),
            $this->state->isDone($step) ? [] : $this->state->openNeeds($step),
            $this->state->isDone($step) || $this->state->openNeeds($step) !== [] ? [] : array_map(static fn (Blockage $blockage): BlockageShape => new BlockageShape($blockage->kind, $blockage->id, $blockage->why), $this->state->blockages($step)),
            $this->state->voidBecause($step), $this->asks($step),
            array_map(static fn (Spot $spot): string => $spot->id, $this->state->spotsOf($step)),
            $done?->id, $done?->by, $done?->at->format(self::INSTANT), $this->state->answerers($step->id),
            $this->state->isDone($step) ? null : (array_values(array_intersect_key($step->access, array_flip($this->state->openNeeds($step))))[0] ?? null)?->sentence(),
        );
    }

    /** @return list<AskShape> */
    private function asks(Step $step): array
    {
        $answers = $this->state->answersTo($step->id);

        return array_map(static fn (int $item, string $text): AskShape => new AskShape($item, $text, ($answers[$item] ?? null)?->by,
            ($answers[$item] ?? null)?->kind === EntryKind::HoldWaived ? $answers[$item]->text('reason') : null), array_keys($step->asks), $step->asks);
    }

    /** @return list<WaitShape> */
    public function waits(): array
    {
        return array_map(static fn (RunningWait $wait): WaitShape => new WaitShape($wait->wait->id, $wait->wait->name, $wait->since->format(self::INSTANT), $wait->due()->format(self::INSTANT), $wait->wait->seen), $this->state->waits());
    }

    /** @return list<LedgerItemShape> */
    public function ledger(): array
    {
        return array_map(static fn (Ledger $item): LedgerItemShape => new LedgerItemShape($item->what, $item->dropped, $item->by->by, $item->by->at->format(self::INSTANT)), $this->state->ledger());
    }

    /** @return list<DebtShape> */
    public function debts(): array
    {
        return array_map(static fn (Debt $debt): DebtShape => new DebtShape($debt->what, $debt->reason, $debt->release, $debt->by->by), $this->state->debts());
    }

    /** @return list<PlannedPartShape> */
    public function parts(): array
    {
        return array_map(static fn (PlannedPart $part): PlannedPartShape => new PlannedPartShape($part->part, $part->state, $part->promised, $part->for, $part->why, $part->wrong, $part->reuse?->value, $part->condition, $part->reuse?->mayGoBack() !== false), $this->state->parts());
    }

    /** @return list<HomePartShape> */
    public function homeParts(): array
    {
        return array_map(function (HomePart $part): HomePartShape {
            $moved = $this->state->elsewhere($part->id);
            $slab = $this->state->slabState($this->state->sheet->slabs[$this->state->sheet->heightOf($part->slab) ?? 0]);

            return new HomePartShape($part->id, $part->name(), $part->sort, $part->place, $part->placeName, $part->slab, ! $slab->isInPlace(),
                $moved === null || $moved->text('place') === $part->place ? null : $moved->text('place'), $moved?->text('reason'), $moved !== null);
        }, array_values(HomePart::on($this->state->sheet)));
    }

    /** @return list<SchoolShape> the matters that this engine's plan knows; fixed once their step is done */
    public function schools(): array
    {
        $shapes = [];
        foreach (School::all() as $school) {
            if (array_filter($this->state->steps(), $school->changes(...)) === []) {
                continue;
            }
            [$chosen, $whose] = $this->state->schoolOf($school);
            $shapes[] = new SchoolShape($school->matter, $school->question, $chosen, $whose, ($this->state->schools()[$school->matter] ?? null)?->text('reason'), $this->state->isSettled($school),
                array_map(static fn (string $name, array $option): SchoolOptionShape => new SchoolOptionShape($name, $option['for'], $option['against']), array_keys($school->options), $school->options));
        }

        return $shapes;
    }

    /** @return list<SymptomShape> */
    public function symptoms(): array
    {
        $complaint = $this->state->complaint();

        return array_map(static fn (Symptom $symptom): SymptomShape => new SymptomShape($symptom->symptom, $symptom->suspect, $symptom->test, Suspects::isSpokenOf($symptom, $complaint)), Suspects::on($this->state->sheet, $complaint));
    }

    public function minutesLeft(): int
    {
        return array_sum(array_map(fn (Step $step): int => $this->state->isDone($step) ? 0 : $step->minutes, $this->state->steps()));
    }

    public function liftCost(int $height): LiftCostShape
    {
        $cost = LiftCost::to($this->state, $height);
        $steps = $this->state->steps();

        return new LiftCostShape(
            array_map(static fn ($slab): string => $slab->name, $cost->comesOff),
            array_map(static fn (array $item): LiftItemShape => new LiftItemShape($item['part'], $item['why']), $cost->spent),
            array_map(static fn (array $item): LiftItemShape => new LiftItemShape($steps[$item['step']]->name, $item['why']), $cost->void),
            array_map(fn (array $item): LiftItemShape => new LiftItemShape($this->state->spots[$item['reading']]->name, $item['why']), $cost->stale),
            $cost->minutes,
        );
    }
}
