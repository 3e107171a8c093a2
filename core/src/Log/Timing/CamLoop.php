<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\ValveSide;
use Moltrek\Core\Timing\CamCorrection;
use Moltrek\Core\Timing\CamTiming;
use Moltrek\Core\Timing\CamWay;
use Moltrek\Core\Timing\CamWheelStep;

/** One cam on its way to being timed: by its marks, read twice with two turns between, and by the degree wheel where events are stated. */
final readonly class CamLoop
{
    public function __construct(private BuildState $state, public CamSeat $seat)
    {
    }

    public function last(): ?CamReading
    {
        return $this->state->timings->lastCamReading($this->seat);
    }

    public function task(): CamTask
    {
        $last = $this->last();

        return match (true) {
            $last === null || ! $last->stands() => CamTask::Read,
            ! $last->read->isRight() => CamTask::Move,
            ! $last->isAfterTurns => CamTask::Turn,
            default => CamTask::Done,
        };
    }

    /** The step that the next act answers, where the plan has it open. */
    public function step(): ?Step
    {
        $id = match ($this->task()) {
            CamTask::Read, CamTask::Move => TimingSteps::cams($this->seat->bank),
            CamTask::Turn => TimingSteps::twoTurns($this->seat->bank),
            CamTask::Done => null,
        };
        $step = $id === null ? null : $this->state->work->step($id);

        return $step === null || $this->state->work->isDone($step) ? null : $step;
    }

    public function headline(): string
    {
        $last = $this->last();
        $moved = $this->state->timings->camsMovedLast($this->seat->bank);

        return match (true) {
            $last === null => 'Marks not read yet',
            ! $last->stands() && $last->staleBecause === 'cam '.$moved => 'To be read again: '.$moved,
            ! $last->stands() => 'To be read again: '.$last->staleBecause,
            default => $last->read->inWords(),
        };
    }

    /** What to do next, and how one knows that it is right. */
    public function advice(): string
    {
        $isChain = $this->state->sheet->valveTrain->drive === CamDrive::Chain;
        $way = $this->last()?->read->way();
        $teeth = abs($this->last()?->read->teethOff() ?? 0);

        return match ($this->task()) {
            CamTask::Read => 'Crank at its mark, '.($isChain
                ? 'the driven run of the chain drawn tight, then the cam’s mark read against the edge.'
                : 'the play of the gears taken up in the running direction, then the marks read.'),
            CamTask::Move => 'The wheel '.($teeth === 1 ? 'one tooth' : "$teeth teeth").' '.($way === CamWay::Advance ? 'forward' : 'back')
                .', in the cam’s own turning'.($isChain ? ': tensioner out, chain lifted over, the crank held where it is.'
                    : ': the gears drawn apart and meshed again, the crank held where it is.'),
            CamTask::Turn => 'Two full turns by hand, the way it runs, then the marks read once more before anything closes.'
                .' What binds stops the work: a valve may have met a piston.',
            CamTask::Done => 'Read again after two turns, and right.',
        };
    }

    /** What was read of the events of one cylinder’s valves, against what the cam’s maker states. */
    public function events(string $cylinder): CamTiming
    {
        $stated = $this->state->sheet->valveTrain->cams;
        $wheel = $this->state->sheet->valveTrain->camWheel;
        [$inlet, $exhaust] = [$this->read($cylinder, ValveSide::Inlet), $this->read($cylinder, ValveSide::Exhaust)];

        return new CamTiming(
            $inlet?->events, $exhaust?->events,
            $stated?->inlet?->centreline, $stated?->exhaust?->centreline, $stated?->separation,
            max($inlet?->doubt() ?? 0, $exhaust?->doubt() ?? 0),
            $wheel === null ? null : new CamWheelStep($wheel->teeth),
        );
    }

    public function read(string $cylinder, ValveSide $side): ?CamEventsRead
    {
        $said = $this->state->timings->eventsOf($cylinder, $side)?->said;

        return $said instanceof CamEventsRead ? $said : null;
    }

    /** How a cam is moved to bring its centreline where it belongs: in its slots by all of it, else by whole teeth. */
    public function mending(CamCorrection $correction, State $state): string
    {
        $way = $correction->way() === CamWay::Advance ? 'forward' : 'back';
        $cam = Degrees::text(abs($correction->error) / 2, 2);
        $teeth = $correction->teeth();
        $isSlotted = $this->state->sheet->valveTrain->camWheel?->isSlotted === true;

        return match (true) {
            $correction->error == 0 => 'On its figure.',
            $state === State::Within => Degrees::text(abs($correction->error)).' of the crank from its figure, and inside: leave it.',
            $isSlotted => "Turn the cam $cam $way in the slots of its wheel, bolts drawn up, and read again.",
            $teeth === null => "Turn the cam $cam $way.",
            $teeth === 0 => "Less than half a tooth off: no tooth comes closer. The last $cam of the cam, $way, are for a slotted wheel.",
            default => 'Move the wheel '.($teeth === 1 ? 'one tooth' : "$teeth teeth")." $way; "
                .Degrees::text(abs($correction->left() ?? 0)).' of the crank stay.',
        };
    }
}
