<?php

namespace App\Bench;

use App\Http\Shapes\JobTorquingShape;
use App\Http\Shapes\TorqueAskedShape;
use App\Http\Shapes\TorqueBoltShape;
use App\Http\Shapes\TorqueDoneShape;
use App\Http\Shapes\TorqueDueShape;
use App\Http\Shapes\TorqueJointShape;
use App\Http\Shapes\TorqueMadeShape;
use App\Http\Shapes\TorqueOwedShape;
use App\Http\Shapes\TorquePassShape;
use App\Http\Shapes\TorqueRunShape;
use App\Models\Shop;
use DateTimeImmutable;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Sheet\Reached;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\StageKind;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Torquing\Due;
use Moltrek\Core\Torquing\Made;
use Moltrek\Core\Torquing\Outcome;
use Moltrek\Core\Torquing\Owed;
use Moltrek\Core\Torquing\Pass;
use Moltrek\Core\Torquing\Pause;
use Moltrek\Core\Torquing\Programme;
use Moltrek\Core\Torquing\Run;

/** The joints of a build as the torque map takes them. */
final readonly class TorqueView
{
    private const INSTANT = 'Y-m-d\TH:i:s.v\Z';

    public function __construct(private BuildState $state, private DateTimeImmutable $now)
    {
    }

    public function shape(): JobTorquingShape
    {
        $pulled = array_filter($this->state->work->steps(), static fn (Step $step): bool => $step->kind === StepKind::Torque);

        return new JobTorquingShape(array_map($this->joint(...), array_values($pulled)));
    }

    private function joint(Step $step): TorqueJointShape
    {
        $run = $this->state->runs->of($step->id);
        $sheet = $this->state->sheet;
        $stated = Programme::on($sheet, $step->id, Aim::from($this->state->schools->of(School::all()[School::AIM])[0]));
        $programme = $run?->whyVoid() === null ? $run->programme ?? $stated : $stated ?? $run->programme;
        $state = $this->state->work->stateOf($step);
        $canBegin = $this->state->work->canBeDone($step);
        $first = $this->state->work->openNeeds($step)[0] ?? null;
        $slab = $sheet->stack->named($step->place->slab) ?? $sheet->stack->slabs[0];

        return new TorqueJointShape(
            step: $step->id,
            slab: $slab->id,
            name: $programme?->groups[0]->name ?? $step->words->name,
            state: $state,
            canBegin: $canBegin,
            why: $canBegin || $state === StepState::Done ? null
                : ($first === null ? $this->state->work->blockages($step)[0]->why ?? null : 'First: '.lcfirst($this->state->work->steps()[$first]->words->name).'.'),
            bolts: array_map(self::bolt(...), $programme === null ? $sheet->stack->pulledIn($step->id) : array_values($programme->bolts)),
            passes: $programme === null ? [] : $this->passes($programme, $this->atHand($run, $canBegin)),
            programme: $programme?->toArray(),
            run: $run === null ? null : $this->run($run),
            place: JointPlace::of($sheet, $slab, $programme),
        );
    }

    private static function bolt(Fastener $bolt): TorqueBoltShape
    {
        return new TorqueBoltShape(
            id: $bolt->id,
            x: $bolt->x->quantity()['value'],
            y: $bolt->y->quantity()['value'],
            thread: $bolt->thread,
            condition: $bolt->condition(),
            leftHand: $bolt->leftHand,
            reached: $bolt->reached,
            oneUse: $bolt->oneUse,
            document: $bolt->toArray(),
        );
    }

    /** @return list<int> the passes that a wrench is chosen for: those gone round now, and the ones after them */
    private function atHand(?Run $run, bool $canBegin): array
    {
        if ($run === null || $run->whyVoid() !== null) {
            return $canBegin ? [0, 1] : [];
        }
        $owed = array_map(static fn (Owed $owed): ?int => $run->lacks($owed->bolt), $run->owed());
        $now = array_filter([$run->current(), $run->next()?->pass, ...$owed], is_int(...));

        return array_values(array_unique([...$now, ...array_map(static fn (int $pass): int => $pass + 1, $now)]));
    }

    /**
     * @param  list<int>  $atHand
     * @return list<TorquePassShape>
     */
    private function passes(Programme $programme, array $atHand): array
    {
        $wrenches = $atHand === [] ? null : WrenchRack::ofShop(Shop::today());
        $groups = array_column($programme->groups, null, 'id');

        return array_map(static function (int $index, Pass $pass) use ($programme, $wrenches, $groups, $atHand): TorquePassShape {
            $group = $groups[$pass->group];
            $byAdapter = array_filter($group->bolts, static fn (Fastener $bolt): bool => $bolt->reached === Reached::Adapter) !== [];
            [$least, $most] = $pass->target?->ends() ?? [null, null];
            $final = $pass->is(StageKind::Torque) ? $programme->finalIn($index)?->ends()[1] : null;

            return new TorquePassShape(
                group: $group->id,
                name: $group->name,
                source: $group->source,
                kind: $pass->stage->kind,
                words: $pass->words(),
                act: $pass->act(false),
                actByFeel: $pass->act(true),
                order: $pass->order,
                figure: $pass->target?->figure,
                least: $least,
                most: $most,
                final: $final > $most ? $final : null,
                between: $pass->stage->between,
                note: $pass->stage->note,
                over: $pass->over,
                settings: in_array($index, $atHand, true) ? $wrenches?->settings($pass, $byAdapter) ?? [] : [],
            );
        }, array_keys($programme->passes), $programme->passes);
    }

    private function run(Run $run): TorqueRunShape
    {
        $begun = array_column($this->state->entries, null, 'id')[$run->id] ?? null;
        $made = $run->made();
        $last = $made === [] ? null : $made[count($made) - 1];
        $current = $run->current();
        $earlier = array_filter($this->state->runs->all(), static fn (Run $each): bool => $each->step === $run->step && $each !== $run);

        return new TorqueRunShape(
            id: $run->id,
            begunBy: $begun->by ?? '',
            begunAt: $begun?->at->format(self::INSTANT) ?? '',
            lastAt: $last?->pull->at->format(self::INSTANT),
            lastBy: $last?->pull->by,
            isComplete: $run->isComplete(),
            voidBecause: $run->whyVoid(),
            stage: $current === null ? null : $current + 1,
            next: self::due($run->next()),
            asked: self::asked($run),
            stagesBack: array_map(static fn (int $pass): int => $pass + 1, $run->stagesBack()),
            wasLong: $this->wasLong($last),
            missed: $current === null ? [] : $run->missed($current),
            owed: array_map(static fn (Owed $owed): TorqueOwedShape => new TorqueOwedShape($owed->bolt, $owed->reason, $owed->release, ($run->lacks($owed->bolt) ?? -2) + 1), $run->owed()),
            done: $this->done($run),
            remarks: $run->remarks(),
            last: $last === null ? null : new TorqueMadeShape(
                id: $last->pull->id,
                stage: $last->pull->pass + 1,
                bolt: $last->pull->bolt,
                outcome: $last->outcome,
                by: $last->pull->by,
                at: $last->pull->at->format(self::INSTANT),
            ),
            pulls: count($made),
            earlier: count($earlier),
        );
    }

    private static function asked(Run $run): ?TorqueAskedShape
    {
        [$made, $verdict] = [$run->asked(), $run->verdictOnAsked()];
        if ($made === null || $verdict === null) {
            return null;
        }
        [$pull, $outcome] = [$made->pull, $made->outcome];

        return new TorqueAskedShape(
            stage: $pull->pass + 1,
            begins: $run->programme->begins($pull->pass) + 1,
            bolt: $pull->bolt,
            outcome: $outcome,
            headline: $verdict->headline($pull->bolt),
            ask: $verdict->ask($run->programme->passes[$pull->pass]->over),
            mayBeAccepted: $outcome->mayBeAccepted(),
        );
    }

    private static function due(?Due $due): ?TorqueDueShape
    {
        return $due === null ? null : new TorqueDueShape($due->pass + 1, $due->bolt, $due->turned);
    }

    /** Whether the shop would go round again after the time that has passed since the last pull. */
    private function wasLong(?Made $last): bool
    {
        [$school] = $this->state->schools->of(School::all()[School::PAUSE]);

        return $last !== null && Pause::tryFrom($school)?->isLong($last->pull->at, $this->now) === true;
    }

    /** @return list<TorqueDoneShape> */
    private function done(Run $run): array
    {
        $outOfOrder = [];
        foreach ($run->made() as $made) {
            $outOfOrder[$made->pull->pass][$made->pull->bolt] = $made->outcome === Outcome::OutOfOrder;
        }

        return array_map(static function (int $index, Pass $pass) use ($run, $outOfOrder): TorqueDoneShape {
            $bolts = array_values(array_filter($pass->order, static fn (string $bolt): bool => $run->doneIn($index, $bolt) !== null));

            return new TorqueDoneShape(
                $index + 1, $bolts,
                array_values(array_filter($bolts, static fn (string $bolt): bool => $run->doneIn($index, $bolt)?->said->isFelt === true)),
                array_values(array_filter($bolts, static fn (string $bolt): bool => $outOfOrder[$index][$bolt] ?? false)),
            );
        }, array_keys($run->programme->passes), $run->programme->passes);
    }
}
