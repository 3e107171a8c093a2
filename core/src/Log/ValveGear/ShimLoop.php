<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\Valve;
use Moltrek\Core\ValveGear\LashRead;
use Moltrek\Core\ValveGear\LashTarget;
use Moltrek\Core\ValveGear\PooledShim;
use Moltrek\Core\ValveGear\ShimChange;
use Moltrek\Core\ValveGear\ShimmedValve;
use Moltrek\Core\ValveGear\ShimPlan;
use Moltrek\Core\ValveGear\ShimSource;
use Moltrek\Core\ValveGear\SoldSizes;

/**
 * The loop by which shims set the clearances of a whole engine: read, the shims that are in, one plan for all, changed, read
 * again; and round once more where one comes out outside.
 */
final readonly class ShimLoop
{
    public function __construct(private BuildState $state)
    {
    }

    /** @return list<Valve> */
    public function valves(): array
    {
        return $this->state->sheet->valveTrain->valves;
    }

    public function target(Valve $valve): ?LashTarget
    {
        return LashTarget::within($this->state->verdicts->limitOf(ValveSteps::spot($valve->cylinder, $valve->id)));
    }

    /** The reading that the plan goes by: the one that stands, else the one that the cams coming out have made a before. */
    public function reading(Valve $valve): ?Entry
    {
        $spot = ValveSteps::spot($valve->cylinder, $valve->id);

        return $this->state->readings->entryAt($spot) ?? $this->state->readings->staleAt($spot)?->reading;
    }

    public function measured(Valve $valve): ?LashRead
    {
        $entry = $this->reading($valve);
        $bracket = $entry === null ? null : $this->state->readings->of($entry)?->bracket();

        return $bracket?->high === null ? null : LashRead::between($bracket->low->nanometres, $bracket->high->nanometres);
    }

    /** The shim that was under the valve when it was read. */
    public function shim(Valve $valve): ?Length
    {
        return $this->state->clearances->shimOf($valve->id, $this->reading($valve));
    }

    /** @return list<Valve> that have not been read, or of which no leaf is known that refuses */
    public function unread(): array
    {
        return array_values(array_filter($this->valves(), fn (Valve $valve): bool => $this->measured($valve) === null));
    }

    /** @return list<Valve> that want another shim, and of whose shim nothing is known */
    public function unknownShims(): array
    {
        return array_values(array_filter($this->valves(), fn (Valve $valve): bool => $this->shim($valve) === null
            && ! $this->isInside($valve)));
    }

    public function isInside(Valve $valve): bool
    {
        $measured = $this->measured($valve);

        return $measured !== null && $this->target($valve)?->holds($measured->low, $measured->high) === true;
    }

    /**
     * The plan for all valves of which enough is known.
     *
     * @param  list<PooledShim>  $shelf
     *
     * @throws Refusal where a valve cannot be brought inside
     */
    public function plan(array $shelf, Aim $aim, bool $all): ?ShimPlan
    {
        $shimmed = array_filter(array_map(fn (Valve $valve): ?ShimmedValve => $this->shimmed($valve, $aim), $this->valves()));
        $sold = $this->state->sheet->valveTrain->setting->sold;

        return $shimmed === [] ? null
            : ShimPlan::of(array_values($shimmed), $shelf, $sold === null ? null : SoldSizes::of($sold->from, $sold->to,
                $sold->step), $all);
    }

    private function shimmed(Valve $valve, Aim $aim): ?ShimmedValve
    {
        [$measured, $shim, $target] = [$this->measured($valve), $this->shim($valve), $this->target($valve)];

        return $measured === null || $shim === null || $target === null ? null : new ShimmedValve(
            $valve->id, $measured, $shim->nanometres, $this->state->sheet->valveTrain->setting->ratio, $target, $target->aimed($aim));
    }

    /**
     * What the plan asks beyond the shims: the cams out and all that hangs on them done again.
     *
     * @return list<Step>
     */
    public function costs(): array
    {
        $outside = array_filter($this->valves(), fn (Valve $valve): bool => ! $this->isInside($valve));
        $beyond = array_filter($this->task() === ShimTask::Decide ? ShimCost::of($this->state, array_column($outside, 'id')) : [],
            static fn (Step $step): bool => ValveSteps::subject($step->id) === null);

        return array_values($beyond);
    }

    public function task(): ShimTask
    {
        $clearances = $this->state->clearances;
        $isOpen = array_filter($this->valves(), fn (Valve $valve): bool => $this->isReadSince($valve) === false) !== [];

        return match (true) {
            $clearances->decidedBy() !== null && ! $clearances->allFitted() => ShimTask::Fit,
            $clearances->decidedBy() !== null && $isOpen => ShimTask::ReadAgain,
            $this->unread() !== [] => ShimTask::Read,
            array_filter($this->valves(), fn (Valve $valve): bool => ! $this->isInside($valve)) === []
                && ($clearances->decidedBy() !== null || $this->state->work->step(ValveSteps::DECIDED) === null) => ShimTask::Done,
            $this->unknownShims() !== [] => ShimTask::Shims,
            default => ShimTask::Decide,
        };
    }

    /** Whether a valve was read after the shims were chosen. */
    private function isReadSince(Valve $valve): bool
    {
        $decided = $this->state->clearances->decidedBy();
        $read = $this->state->readings->entryAt(ValveSteps::spot($valve->cylinder, $valve->id));

        return $decided === null || $read?->isAfter($decided) === true;
    }

    public function headline(): string
    {
        $count = static fn (int $many, string $what): string => $many.' '.$what.($many === 1 ? '' : 's');
        $chosen = $this->state->clearances->chosen();
        $open = array_filter(array_keys($chosen), fn (string $valve): bool => $this->state->clearances->fittedBy((string) $valve) === null);
        $bought = array_filter($chosen, static fn (ShimChosen $shim): bool => $shim->source === ShimSource::Bought);

        return match ($this->task()) {
            ShimTask::Read => $count(count($this->unread()), 'clearance').' to read',
            ShimTask::Shims => $count(count($this->unknownShims()), 'shim').' to read',
            ShimTask::Decide => 'One plan for the whole engine',
            ShimTask::Fit => $count(count($open), 'shim').' to fit'.($bought === [] ? '' : ', '.count($bought).' of the plan bought'),
            ShimTask::ReadAgain => 'In. Timed and turned, then read again',
            ShimTask::Done => 'Every clearance inside',
        };
    }

    public function advice(): string
    {
        $isUnderFinger = $this->state->sheet->valveTrain->adjustment === Adjustment::FingerAndShim;

        return match ($this->task()) {
            ShimTask::Read => 'Cold, on the base circle, before anything is taken off: the leaf that passes and the next one that'
                .' does not.',
            ShimTask::Shims => ($isUnderFinger ? 'Cams out, fingers aside, shims' : 'Cams out, buckets')
                .' lifted with a magnet and laid out by valve. The micrometer, not the print: a number on a shim is what it was.',
            ShimTask::Decide => 'The cams come out once, for all of them. A valve that fits keeps its shim.',
            ShimTask::Fit => 'Each shim read with the micrometer as it goes in, oiled, printed side down; '
                .($isUnderFinger ? 'seen flat in its seat, the finger laid back on it.' : 'the bucket turned by finger on it.'),
            ShimTask::ReadAgain => 'Cams in at their marks, two full turns by hand, then every clearance once more; shims settle as'
                .' the '.($isUnderFinger ? 'fingers' : 'buckets').' seat.',
            ShimTask::Done => 'Nothing more to do here.',
        };
    }

    /** @return list<array{string, int}> what has to be bought, as parts */
    public static function toBuy(ShimPlan $plan): array
    {
        $sizes = array_map(static fn (ShimChange $change): ?string => $change->source === ShimSource::Bought
            ? ShimChosen::part(Length::ofNanometres($change->to)) : null, $plan->changes);
        $counts = array_count_values(array_filter($sizes));
        ksort($counts);

        return array_map(static fn (string $part, int $count): array => [$part, $count], array_keys($counts), $counts);
    }
}
