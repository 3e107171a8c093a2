<?php

namespace App\Bench;

use App\Http\Shapes\DecompressorShape;
use App\Http\Shapes\ValveGrindShape;
use App\Http\Shapes\ValvePistonShape;
use App\Http\Shapes\ValvePositionShape;
use App\Http\Shapes\ValveShape;
use App\Http\Shapes\ValvesShape;
use App\Http\Shapes\ValveStemShape;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\ValveGear\DecompressorSet;
use Moltrek\Core\Log\ValveGear\ValveSteps;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Valve;
use Moltrek\Core\Sheet\ValveSide;
use Moltrek\Core\ValveGear\LashPosition;
use Moltrek\Core\ValveGear\LashRead;
use Moltrek\Core\ValveGear\LashTarget;
use Moltrek\Core\ValveGear\PistonAt;
use Moltrek\Core\ValveGear\StemGrind;
use Moltrek\Core\ValveGear\ValveOrder;

/** The valve bench of a job as its screens take it: which valve now, what was read of each, shims, rods, small parts. */
final readonly class ValvesView
{
    /** @param  array<string, int>  $shelf  how many of each part lie there for this engine */
    public function __construct(private BuildState $state, private array $shelf)
    {
    }

    public function shape(Aim $aim, bool $all, int|float|null $margin): ValvesShape
    {
        $sheet = $this->state->sheet;
        $train = $sheet->valveTrain;
        $valves = array_map($this->valve(...), $train->valves);
        $order = $this->hasLash() ? ValveOrder::on($sheet, $margin) : null;
        $isShimmed = in_array($train->adjustment, [Adjustment::ShimUnderBucket, Adjustment::FingerAndShim], true);

        return new ValvesShape(
            adjustment: $train->adjustment,
            margin: $order === null ? null : $order->margin / 1e9,
            positions: $order === null ? null : array_map(fn (LashPosition $position): ValvePositionShape => $this->position($order, $position, $valves), $order->positions),
            roomless: array_map(static fn (Valve $valve): string => $valve->id, $order->roomless ?? []),
            valves: $valves,
            shims: $isShimmed ? (new ShimsView($this->state, $this->shelf))->shape($aim, $all) : null,
            rods: (new RodsView($this->state))->shapes(),
            decompressor: $this->decompressor(),
            rockerStack: $train->setting->rockerStack,
            tube: $train->setting->tube,
            turnedBy: $sheet->crank?->turnedBy,
            runs: $sheet->crank?->direction,
        );
    }

    private function hasLash(): bool
    {
        return $this->state->sheet->valveTrain->adjustment !== Adjustment::Hydraulic;
    }

    /** @param  list<ValveShape>  $valves */
    private function position(ValveOrder $order, LashPosition $position, array $valves): ValvePositionShape
    {
        $here = array_filter($valves, static fn (ValveShape $valve): bool => in_array($valve->id, $position->valves, true));
        $asFound = $this->isReadAsFound();
        $open = array_filter($here, static fn (ValveShape $valve): bool => $valve->now === null || (! $asFound && $valve->step !== null));

        return new ValvePositionShape(
            crank: $position->crank / 1e9,
            onMark: $position->isOnMark,
            name: $order->name($position),
            valves: $position->valves,
            done: $open === [],
            pistons: array_map(fn (Cylinder $cylinder): ValvePistonShape => $this->piston($cylinder, $position), $this->state->sheet->layout->cylinders),
        );
    }

    private function piston(Cylinder $cylinder, LashPosition $position): ValvePistonShape
    {
        $at = PistonAt::of($this->state->sheet, $cylinder, $position->crank / 1e9);
        $own = array_filter($this->state->sheet->valveTrain->valves, static fn (Valve $valve): bool => $valve->cylinder === $cylinder->id
            && in_array($valve->id, $position->valves, true));

        return new ValvePistonShape(
            cylinder: $cylinder->id,
            name: $cylinder->name,
            down: round($at->down, 4),
            stroke: $at->stroke,
            open: array_map(static fn (ValveSide $side): string => $side->value, $at->open),
            set: array_values(array_unique(array_map(static fn (Valve $valve): string => $valve->side->value, $own))),
        );
    }

    private function valve(Valve $valve): ValveShape
    {
        $spot = ValveSteps::spot($valve->cylinder, $valve->id);
        $readings = $this->state->readings;
        [$now, $stale, $first] = [$readings->at($spot), $readings->staleAt($spot), $readings->firstAt($spot)];
        $before = $first ?? $stale?->reading;
        $assessment = $this->state->verdicts->of($spot);
        $verdict = $now === null ? null : $assessment?->verdict;
        $clearances = $this->state->clearances;
        $rods = $this->state->sheet->valveTrain->setting;

        return new ValveShape(
            id: $valve->id,
            name: $valve->name,
            cylinder: $valve->cylinder,
            cylinderName: $this->state->sheet->cylinder($valve->cylinder)->name ?? '',
            side: $valve->side,
            spot: $spot,
            step: TimingSteps::shape($this->state, $this->step($valve)),
            mayStay: $this->mayStay($valve),
            before: $before === null ? null : $readings->of($before)?->text,
            now: $now?->text,
            entry: $readings->entryAt($spot)?->id,
            stale: $stale?->why,
            state: $verdict?->state,
            words: $verdict?->words,
            reason: $verdict?->reason,
            action: $verdict?->action,
            limit: self::range($this->state->verdicts->limitOf($spot)),
            shim: $clearances->shimOf($valve->id)?->written(),
            shimFound: $clearances->shimOf($valve->id) !== null,
            loose: $verdict?->state->asksForAName() === true ? $clearances->leftLooseBy($valve->id)?->said->words($this->state) : null,
            grind: $this->grind($valve),
            ground: array_map(fn (Entry $entry): ValveStemShape => new ValveStemShape($entry->id, $entry->said->words($this->state), $entry->by), $clearances->groundBy($valve->id)),
            rodStated: $rods->rodLength($valve)?->written(),
            rodRead: $clearances->rodOf($valve->id)?->length->written(),
            tubeSeen: $clearances->hasSeen('tube', $valve->id) !== null,
            rockersSeen: $clearances->hasSeen('rockers', $valve->id) !== null,
        );
    }

    /** The step that a reading of this valve answers now: as found while that is open, else set. */
    private function step(Valve $valve): ?Step
    {
        $work = $this->state->work;
        $found = $work->step(ValveSteps::asFound($valve->id));
        $set = $work->step(ValveSteps::set($valve->id));
        if ($found !== null && ! $work->isDone($found) && $work->canBeDone($found)) {
            return $found;
        }

        return $set !== null && ! $work->isDone($set) ? $set : null;
    }

    /** Whether the clearances are still being read as the machine came in: none is set before all are read. */
    private function isReadAsFound(): bool
    {
        $work = $this->state->work;
        foreach ($this->state->sheet->valveTrain->valves as $valve) {
            $found = $work->step(ValveSteps::asFound($valve->id));
            if ($found !== null && ! $work->isDone($found)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a valve was found inside, so that nothing has to be set on it. */
    private function mayStay(Valve $valve): bool
    {
        $work = $this->state->work;
        $set = $work->step(ValveSteps::set($valve->id));
        $state = $this->state->readings->at(ValveSteps::spot($valve->cylinder, $valve->id)) === null ? null
            : $this->state->verdicts->of(ValveSteps::spot($valve->cylinder, $valve->id))?->verdict?->state;

        return $set !== null && $work->step(ValveSteps::asFound($valve->id)) !== null && ! $work->isDone($set) && $work->canBeDone($set)
            && in_array($state, [State::Within, State::Worn], true);
    }

    private function grind(Valve $valve): ?ValveGrindShape
    {
        $spot = ValveSteps::spot($valve->cylinder, $valve->id);
        $bracket = $this->state->readings->at($spot)?->bracket();
        $target = LashTarget::within($this->state->verdicts->limitOf($spot));
        if ($this->state->sheet->valveTrain->adjustment !== Adjustment::GroundStem || $bracket?->high === null || $target === null) {
            return null;
        }
        $grind = StemGrind::of(LashRead::between($bracket->low->nanometres, $bracket->high->nanometres), $target);
        $written = static fn (int|float $length): string => number_format($length / 1e6, 3, '.', '').' mm';

        return $grind === null ? null : new ValveGrindShape($written($grind->atLeast), $written($grind->atMost), $written($grind->aim()));
    }

    private function decompressor(): ?DecompressorShape
    {
        $train = $this->state->sheet->valveTrain;
        if (! $train->decompressor) {
            return null;
        }
        $said = $this->state->clearances->slackBy()?->said;
        $limit = $train->setting->slack?->limit;

        return new DecompressorShape(
            $said instanceof DecompressorSet ? $said->slack->written() : null, self::range($limit),
            $said instanceof DecompressorSet && $said->isInside($limit),
            TimingSteps::open($this->state, ValveSteps::DECOMPRESSOR),
        );
    }

    private static function range(?Limit $limit): ?string
    {
        $ends = $limit === null ? [] : array_map(static fn (int|float $end): string => $limit->dimension->written($end),
            array_filter([$limit->min, $limit->max], static fn (int|float|null $end): bool => $end !== null));

        return $ends === [] ? null : implode(' to ', $ends);
    }
}
