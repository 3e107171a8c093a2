<?php

namespace App\Bench;

use App\Http\Shapes\CamLoopShape;
use App\Http\Shapes\CamReadingShape;
use App\Http\Shapes\CamSideShape;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Timing\CamLoop;
use Moltrek\Core\Log\Timing\CamReading;
use Moltrek\Core\Log\Timing\CamSeat;
use Moltrek\Core\Sheet\ValveSide;
use Moltrek\Core\Timing\CamTiming;
use Moltrek\Core\Timing\CamWay;

/** The cams of an engine as the screens take them. */
final readonly class CamView
{
    public function __construct(private BuildState $state)
    {
    }

    /** @return list<CamLoopShape> */
    public function shapes(): array
    {
        return array_map($this->shape(...), CamSeat::on($this->state->sheet));
    }

    private function shape(CamSeat $seat): CamLoopShape
    {
        $loop = new CamLoop($this->state, $seat);
        $cylinder = $seat->cylinders[0] ?? '';
        $timing = $loop->events($cylinder);
        $sides = $seat->cam === 'cam' ? ValveSide::cases() : [ValveSide::from($seat->cam)];
        $separation = $timing->separation();

        return new CamLoopShape(
            id: $seat->id(),
            bank: $seat->bank,
            cam: $seat->cam,
            name: $seat->name(),
            cylinder: $cylinder,
            task: $loop->task(),
            step: TimingSteps::shape($this->state, $loop->step()),
            headline: $loop->headline(),
            advice: $loop->advice(),
            teethOff: $teeth = $loop->last()?->read->teethOff() ?? 0,
            teethWay: $teeth === 0 ? null : ($teeth > 0 ? CamWay::Advance : CamWay::Retard),
            readings: array_map(self::reading(...), $this->state->timings->camReadings($seat)),
            sides: array_map(fn (ValveSide $side): CamSideShape => $this->side($loop, $timing, $cylinder, $side), $sides),
            separation: $separation === null ? null : $separation / 1e9,
            overlap: ($overlap = $timing->overlap()) === null ? null : $overlap / 1e9,
            separationWords: $separation === null || $this->state->sheet->valveTrain->cams?->separation === null ? null : $timing->separationVerdict()->words,
        );
    }

    private static function reading(CamReading $reading): CamReadingShape
    {
        return new CamReadingShape(
            entry: $reading->entry->id,
            by: $reading->entry->by,
            at: $reading->entry->at->format(SlipView::INSTANT),
            late: $reading->read->late / 1e9,
            teeth: $reading->read->teethOff(),
            words: $reading->read->inWords(),
            afterTurns: $reading->isAfterTurns,
            stale: $reading->staleBecause,
        );
    }

    private function side(CamLoop $loop, CamTiming $timing, string $cylinder, ValveSide $side): CamSideShape
    {
        $isInlet = $side === ValveSide::Inlet;
        $events = $isInlet ? $timing->inlet : $timing->exhaust;
        $stated = $this->state->sheet->valveTrain->cams?->of($side);
        $verdict = $events === null ? null : ($isInlet ? $timing->inletVerdict() : $timing->exhaustVerdict());
        $correction = $isInlet ? $timing->inletCorrection() : $timing->exhaustCorrection();
        $degrees = static fn (int|float|null $angle): ?float => $angle === null ? null : $angle / 1e9;

        return new CamSideShape(
            side: $side,
            opens: $degrees($events?->opens),
            closes: $degrees($events?->closes),
            duration: $degrees($events?->duration()),
            centreline: $degrees($events?->centreline()),
            statedOpens: $degrees($stated?->opens),
            statedCloses: $degrees($stated?->closes),
            aim: $degrees($stated?->centreline?->middle()),
            state: $verdict?->state,
            words: $verdict?->words,
            reason: $verdict?->reason,
            mend: $correction === null || $verdict === null ? null : $loop->mending($correction, $verdict->state),
            teeth: $correction?->teeth(),
            way: $correction?->way(),
            later: $correction?->later(),
            slot: $correction?->slot(),
        );
    }
}
