<?php

namespace App\Bench;

use App\Http\Shapes\ActShape;
use App\Http\Shapes\FloorSlabShape;
use App\Http\Shapes\JobStackShape;
use App\Http\Shapes\SlabShape;
use App\Http\Shapes\VerdictCountShape;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Torquing\Owed;

/** The slabs of a build as the screens take them. */
final readonly class StackView
{
    private Columns $columns;

    public function __construct(private BuildState $state)
    {
        $this->columns = new Columns($state->sheet);
    }

    public function shape(): JobStackShape
    {
        $sheet = $this->state->sheet;

        return new JobStackShape(
            slabs: array_map($this->slab(...), $sheet->stack->slabs),
            togetherUpTo: $this->togetherUpTo(),
            trays: array_map(static fn (BoltBoard $board): string => $board->slab->id, BoltBoard::outIn($this->state->scope())),
            columns: $this->columns->names(),
            acts: array_map(static fn (Act $act): ActShape => new ActShape($act, $act->isOfCylinder(), $act->isOfRing(), $act->isOfValve()), array_values(array_filter(Act::on($sheet), $this->canBeDone(...)))),
        );
    }

    /** A gasket is changed only where what lies on it is off, or it is not clamped yet. */
    private function canBeDone(Act $act): bool
    {
        $kind = match ($act) {
            Act::BaseGasketChanged => SlabKind::BaseGasket, Act::HeadGasketChanged => SlabKind::HeadGasket, default => null,
        };
        $gaskets = $kind === null ? [] : $this->state->sheet->stack->all($kind);

        return $kind === null || array_filter($gaskets, fn (Slab $gasket): bool => $this->state->slabs->of($gasket) !== SlabState::Torqued) !== [];
    }

    public function togetherUpTo(): ?string
    {
        return $this->state->slabs->togetherUpTo()?->id;
    }

    /** @return list<FloorSlabShape> */
    public function onFloor(): array
    {
        return array_map(fn (Slab $slab): FloorSlabShape => new FloorSlabShape(
            id: $slab->id,
            drawnAs: $slab->kind,
            state: $this->state->slabs->of($slab),
            level: $this->levelOf($slab),
            column: $this->columns->of($slab),
            beside: $slab->kind->isBeside(),
        ), $this->state->sheet->stack->slabs);
    }

    private function slab(Slab $slab): SlabShape
    {
        $open = array_filter($this->state->work->steps(), fn (Step $step): bool => $step->place->slab === $slab->id && ! $this->state->work->isDone($step));
        $unread = array_filter($this->state->work->asked(), fn (Spot $spot): bool => $this->state->readings->slabOf($spot)->id === $slab->id && $this->state->readings->entryAt($spot->id) === null);

        return new SlabShape(
            id: $slab->id,
            name: $slab->name,
            drawnAs: $slab->kind,
            state: $this->state->slabs->of($slab),
            lies: implode('; ', [$this->state->slabs->words($slab), ...$this->pulled($slab)]),
            note: $slab->note,
            toDo: count($open) + count($unread),
            verdicts: $this->verdictCounts($slab),
            level: $this->levelOf($slab),
            column: $this->columns->of($slab),
            beside: $slab->kind->isBeside(),
        );
    }

    /** @return list<string> what stays to be seen of how its joints were pulled: felt, snug, replaced, owed, past its check */
    private function pulled(Slab $slab): array
    {
        $said = [];
        foreach ($this->state->runs->all() as $run) {
            $isLast = $run->whyVoid() === null && $this->state->runs->of($run->step) === $run;
            if ($isLast && $this->state->work->step($run->step)?->place->slab === $slab->id) {
                array_push($said, ...$run->remarks(), ...array_map(static fn (Owed $owed): string => $owed->bolt.' owed its torque', $run->owed()));
            }
        }

        return $said;
    }

    /** How many slabs lie under one, down to the cases. */
    private function levelOf(Slab $slab): int
    {
        $under = array_filter(array_map($this->state->sheet->stack->named(...), $slab->on));

        return $under === [] ? 0 : 1 + max(array_map($this->levelOf(...), array_values($under)));
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

        return array_map(static fn (string $state, int $count): VerdictCountShape => new VerdictCountShape(State::from($state), $count), array_keys($counts), array_values($counts));
    }
}
