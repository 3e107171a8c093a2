<?php

namespace App\Bench;

use App\Http\Shapes\AskShape;
use App\Http\Shapes\BlockageShape;
use App\Http\Shapes\BriefShape;
use App\Http\Shapes\DebtShape;
use App\Http\Shapes\ErrandShape;
use App\Http\Shapes\JobPlanningShape;
use App\Http\Shapes\LedgerItemShape;
use App\Http\Shapes\LiftCostShape;
use App\Http\Shapes\LiftItemShape;
use App\Http\Shapes\NextShape;
use App\Http\Shapes\QuestionShape;
use App\Http\Shapes\SchoolOptionShape;
use App\Http\Shapes\SchoolShape;
use App\Http\Shapes\StepShape;
use App\Http\Shapes\WaitShape;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Closing\ClosingSteps;
use Moltrek\Core\Log\Fitting\Accepts;
use Moltrek\Core\Log\Planning\Debt;
use Moltrek\Core\Log\Planning\HoldWaived;
use Moltrek\Core\Log\Planning\LedgerItem;
use Moltrek\Core\Log\Planning\LiftCost;
use Moltrek\Core\Log\Planning\StepSetAside;
use Moltrek\Core\Log\Timing\TimingSteps as Timed;
use Moltrek\Core\Log\ValveGear\ValveSteps;
use Moltrek\Core\Measuring\EntryForm;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Planning\Decision;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;

/** The order of work as the screens take it. */
final readonly class PlanView
{
    private const INSTANT = 'Y-m-d\TH:i:s.v\Z';

    public function __construct(private BuildState $state)
    {
    }

    public function shape(): JobPlanningShape
    {
        return new JobPlanningShape(
            steps: array_map($this->step(...), array_values($this->state->work->steps())),
            next: $this->next(),
            waits: $this->waits(),
            ledger: $this->ledger(),
            debts: $this->debts(),
            schools: $this->schools(),
            minutesLeft: $this->minutesLeft(),
            brief: new BriefShape($this->state->brief->errands(), self::offered($this->state->sheet)),
            progress: $this->progress(),
        );
    }

    /** @return list<ErrandShape> */
    public static function offered(EngineSheet $sheet): array
    {
        return array_map(static fn (Errand $errand): ErrandShape => new ErrandShape($errand, $errand->words()), Errand::on($sheet));
    }

    /** How much of the work is done, 0 to 1. */
    public function progress(): float
    {
        return round($this->state->work->fraction(), 3);
    }

    public function next(): NextShape
    {
        $next = $this->state->nextMove();

        return new NextShape(
            kind: $next->kind,
            id: $next->id,
            slab: $next->slab,
            text: $next->text,
            why: $next->why,
            canBeWorked: $next->canBeWorked(),
        );
    }

    /** @return list<string> other things that can be done now, each with its minutes: what fits a short free slot */
    public function shortMoves(): array
    {
        $next = $this->state->nextMove()->id;
        $steps = array_filter(array_map(fn (string $id): Step => $this->state->work->steps()[$id], $this->state->work->next()), static fn (Step $step): bool => $step->id !== $next && $step->minutes <= 30);

        return array_map(static fn (Step $step): string => $step->minutes.' minutes: '.lcfirst($step->words->name), array_slice(array_values($steps), 0, 2));
    }

    private function step(Step $step): StepShape
    {
        $work = $this->state->work;
        $isDone = $work->isDone($step);
        $needs = $isDone ? [] : $work->openNeeds($step);
        $blocked = $isDone || $needs !== [] ? [] : $work->blockages($step);
        $aside = $work->asideBy($step);
        $done = $aside ?? ($isDone ? $work->doneBy($step->id) : null);
        $access = array_values(array_intersect_key($step->order->access, array_flip($needs)))[0] ?? null;

        return new StepShape(
            id: $step->id,
            slab: $step->place->slab,
            cylinder: $this->cylinderOf($step),
            kind: $step->kind,
            name: $step->words->name,
            why: $step->words->why,
            how: $step->words->how,
            uses: $step->words->uses,
            tools: $step->words->tools,
            takes: $this->state->decisions->partsOf($step),
            inTurn: $step->words->inTurn->acts,
            isMirrored: $step->words->inTurn->isMirrored,
            owes: $step->effect->owes,
            caution: $step->words->caution,
            minutes: $step->minutes,
            secondPerson: $step->asks->secondPerson,
            state: $work->stateOf($step),
            canBeDone: ! $isDone && $needs === [] && $blocked === [],
            needs: $needs,
            blockedBy: array_map(static fn (Blockage $blockage): BlockageShape => new BlockageShape($blockage->kind, $blockage->id, $blockage->why), $blocked),
            voidBecause: $work->voidBecause($step),
            asks: $this->asks($step),
            questions: $this->questions($step),
            spots: array_map(static fn (Spot $spot): string => $spot->id, $work->spotsOf($step)),
            entry: $done?->id,
            doneBy: $done?->by,
            doneAt: $done?->at->format(self::INSTANT),
            answerers: $work->answerers($step->id),
            alone: $work->aloneBy($step->id)?->by,
            access: $access?->sentence(),
            aside: $aside?->said instanceof StepSetAside ? $aside->said->reason : null,
            isOwn: in_array($step->id, array_column($this->state->brief->own(), 'id'), true),
            crown: $this->crownOf($step),
            forNow: $this->forNow($step),
            bench: $this->bench($step),
        );
    }

    /** The cylinder that a step is done on; of several that stand level the first. */
    private function cylinderOf(Step $step): ?string
    {
        return $step->place->cylinder
            ?? array_values(array_filter($step->place->places, fn (string $place): bool => $this->state->sheet->cylinder($place) !== null))[0] ?? null;
    }

    /** The head that goes on for now, without its new joint, to read what lies under it. */
    private function forNow(Step $step): ?string
    {
        $under = array_filter($this->state->work->spotsOf($step), static fn (Spot $spot): bool => $spot->form() === EntryForm::UnderHead);

        return $under === [] ? null : $this->state->sheet->stack->slab(SlabKind::Head, $step->place->cylinder)?->id;
    }

    /** The cylinder whose stack of thicknesses a step is about: it reads over the crown, or decides what lies there. */
    private function crownOf(Step $step): ?string
    {
        foreach ($this->state->work->spotsOf($step) as $spot) {
            if ($spot->form()->isOfCrown()) {
                return $spot->at->cylinder?->id;
            }
        }

        return $step->effect->decides === Decision::Thickness ? $this->state->sheet->stack->named($step->place->slab)->cylinders[0] ?? null : null;
    }

    /** @return list<AskShape> */
    private function asks(Step $step): array
    {
        $answers = $this->state->work->answersTo($step->id);

        return array_map(static function (int $item, string $text) use ($answers): AskShape {
            $answer = $answers[$item] ?? null;

            return new AskShape($item, $text, $answer?->by, $answer?->said instanceof HoldWaived ? $answer->said->reason : null);
        }, array_keys($step->asks->items), $step->asks->items);
    }

    /** @return list<QuestionShape> */
    private function questions(Step $step): array
    {
        $questions = $this->state->work->questions;

        return array_map(static function (Assessment $each) use ($questions): QuestionShape {
            $accepted = $questions->acceptanceOf($each);

            $isAskedAbout = $each->verdict?->state->asksForAName() !== true;

            return new QuestionShape(
                verdict: $each->subject->id,
                name: $each->subject->name,
                state: $each->verdict->state ?? State::Unknown,
                words: $isAskedAbout ? 'Asked about' : $each->verdict->words,
                reason: trim(($isAskedAbout ? '' : $each->verdict->reason).' '.$each->caveats->question),
                spot: $each->lastSpot(),
                by: $accepted?->by,
                because: $accepted?->said instanceof Accepts ? $accepted->said->reason() : null,
            );
        }, $questions->of($step));
    }

    /** @return list<WaitShape> */
    public function waits(): array
    {
        return array_map(WaitView::shape(...), $this->state->work->waits());
    }

    /** @return list<LedgerItemShape> */
    private function ledger(): array
    {
        return array_map(static fn (LedgerItem $item): LedgerItemShape => new LedgerItemShape($item->what, $item->dropped, $item->by->by, $item->by->at->format(self::INSTANT)), $this->state->ledger->items());
    }

    /** @return list<DebtShape> */
    private function debts(): array
    {
        return array_map(static fn (Debt $debt): DebtShape => new DebtShape($debt->what, $debt->reason, $debt->release, $debt->by->by), $this->state->ledger->debts());
    }

    /** @return list<SchoolShape> the matters that this engine's plan knows; fixed once their step is done */
    private function schools(): array
    {
        $shapes = [];
        foreach (School::all() as $school) {
            if (array_filter($this->state->work->steps(), static fn (Step $step): bool => $step->isDoneBy($school->matter)) === []) {
                continue;
            }
            [$chosen, $whose] = $this->state->schools->of($school);
            $shapes[] = new SchoolShape(
                matter: $school->matter,
                question: $school->question,
                chosen: $chosen,
                whose: $whose,
                reason: $this->state->schools->chosen($school->matter)?->reason,
                isFixed: $this->state->work->isSettled($school->matter),
                options: self::options($school),
            );
        }

        return $shapes;
    }

    /** @return list<SchoolOptionShape> */
    public static function options(School $school): array
    {
        return array_map(static fn (string $name, array $option): SchoolOptionShape => new SchoolOptionShape($name, $option['for'], $option['against']), array_keys($school->options), $school->options);
    }

    public function minutesLeft(): int
    {
        return array_sum(array_map(fn (Step $step): int => $this->state->work->isDone($step) ? 0 : $step->minutes, $this->state->work->steps()));
    }

    public function liftCost(Slab $slab): LiftCostShape
    {
        $cost = LiftCost::lifting($this->state, $slab);
        $steps = $this->state->work->steps();

        return new LiftCostShape(
            comesOff: array_map(static fn ($slab): string => $slab->name, $cost->comesOff),
            spent: array_map(static fn (array $item): LiftItemShape => new LiftItemShape($item['part'], $item['why']), $cost->spent),
            void: array_map(static fn (array $item): LiftItemShape => new LiftItemShape($steps[$item['step']]->words->name, $item['why']), $cost->void),
            stale: array_map(fn (array $item): LiftItemShape => new LiftItemShape($this->state->spots[$item['reading']]->name, $item['why']), $cost->stale),
            minutes: $cost->minutes,
        );
    }

    /** The bench on which a step is done, and its page. */
    private function bench(Step $step): ?string
    {
        $pages = [
            'timing' => Timed::subject($step->id, $this->state->sheet),
            'valves' => ValveSteps::subject($step->id),
            'closing' => ClosingSteps::subject($step->id),
        ];
        foreach ($pages as $bench => $page) {
            if ($page !== null) {
                return rtrim($bench.'/'.$page, '/');
            }
        }

        return null;
    }
}
