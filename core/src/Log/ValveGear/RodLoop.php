<?php

namespace Moltrek\Core\Log\ValveGear;

use Brick\Math\BigRational;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Planning\RunningWait;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Valve;
use Moltrek\Core\ValveGear\RodTurns;

/** The rods of one cylinder on hydraulic lifters: let out by their turns, bled down, spun by finger; until then nobody turns the crank. */
final readonly class RodLoop
{
    /** Of a nut, where the sheet states no other. */
    private const FLATS = 6;

    public function __construct(private BuildState $state, public Cylinder $cylinder)
    {
    }

    /** @return list<string> */
    public static function valvesOf(EngineSheet $sheet, string $cylinder): array
    {
        $own = array_filter($sheet->valveTrain->valves, static fn (Valve $valve): bool => $valve->cylinder === $cylinder);

        return array_column($own, 'id');
    }

    /** The step of the order of work, where this job sets these rods. */
    public function step(): ?Step
    {
        return $this->state->work->step(ValveSteps::rods($this->cylinder->id));
    }

    /** How far the rods are let out; null where the sheet states neither preload nor turns, or where they are fixed. */
    public function turns(): ?RodTurns
    {
        $setting = $this->state->sheet->valveTrain->setting;
        $rods = $setting->rods;
        if (! $this->state->sheet->valveTrain->adjustableRods) {
            return null;
        }
        if ($rods === null) {
            return $setting->turns === null ? null : RodTurns::stated($setting->turns, self::FLATS);
        }
        $preload = BigRational::of((string) $rods->least->nanometres)->plus((string) $rods->most->nanometres)->dividedBy(2);
        $perNanometre = $rods->pitch === null ? RodTurns::perInch($rods->perInch ?? 1)
            : BigRational::of(1)->dividedBy((string) $rods->pitch->nanometres);

        return RodTurns::of($preload, $perNanometre, $rods->flats);
    }

    /** The wait for these lifters, while it runs. */
    public function wait(): ?RunningWait
    {
        $step = $this->step();
        if ($step === null) {
            return null;
        }
        foreach ($this->state->work->waits() as $running) {
            if ($running->wait->seen !== null && $running->wait->isFor($step->id, $step->order->needs)) {
                return $running;
            }
        }

        return null;
    }

    public function task(): RodTask
    {
        $step = $this->step();
        if ($step === null || $this->state->work->isDone($step)) {
            return RodTask::Done;
        }
        if ($this->state->work->openNeeds($step) !== []) {
            return RodTask::Before;
        }
        if ($this->state->sheet->valveTrain->adjustableRods && $this->state->clearances->letOutBy($this->cylinder->id) === null) {
            return RodTask::LetOut;
        }
        $wait = $this->wait();

        return $wait !== null && $wait->due() > $this->state->now ? RodTask::Wait : RodTask::Spin;
    }

    public function headline(): string
    {
        $turns = $this->turns();

        return match ($this->task()) {
            RodTask::Before => 'Not yet',
            RodTask::LetOut => $turns === null ? 'Let out by their turns' : self::inWords($turns),
            RodTask::Wait => 'Bleeding down: leave the crank where it is',
            RodTask::Spin => 'Spin each rod by finger',
            RodTask::Done => 'Bled down, the crank may be turned',
        };
    }

    public function advice(): string
    {
        $first = $this->step() === null ? null : $this->state->work->openNeeds($this->step())[0] ?? null;
        $isAdjustable = $this->state->sheet->valveTrain->adjustableRods;

        return match ($this->task()) {
            RodTask::Before => 'First: '.lcfirst($this->state->work->step($first ?? '')->words->name ?? 'what comes before').'.',
            RodTask::LetOut => 'Piston at its top on compression, both valves shut and both lifters at their lowest. Each rod opened'
                .' by finger until'
                .' all play is just gone, then let out by the same count, its lock nut held. Do not turn the crank after that.',
            RodTask::Wait => 'The lifters let their oil go; a rod that will not turn is still holding its valve open. Turned now,'
                .' a valve meets its piston or a rod bends.',
            RodTask::Spin => 'Thumb and finger on each rod: both must turn freely, without lift. One that does not waits on.',
            RodTask::Done => $isAdjustable ? 'Lock nuts tight, then the next cylinder, at its own top.'
                : 'Then the next cylinder, at its own top.',
        };
    }

    /** "3 turns and 1 flat". */
    public static function inWords(RodTurns $turns): string
    {
        $whole = $turns->wholeTurns();
        $rest = $turns->restFlats();
        $words = array_filter([
            $whole === 0 ? null : $whole.($whole === 1 ? ' turn' : ' turns'), $rest === 0 ? null : $rest.($rest === 1 ? ' flat' : ' flats'),
        ]);

        return $words === [] ? 'no turn at all' : implode(' and ', $words);
    }
}
