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
use Moltrek\Core\Timing\CamCorrection;
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
            $seat->id(), $seat->bank, $seat->cam, $seat->name(), $cylinder, $loop->task(),
            TimingSteps::shape($this->state, $loop->step()), $loop->headline(), $loop->advice(),
            $teeth = $loop->last()?->read->teethOff() ?? 0, $teeth === 0 ? null : ($teeth > 0 ? CamWay::Advance : CamWay::Retard),
            array_map(self::reading(...), $this->state->timings->camReadings($seat)),
            array_map(fn (ValveSide $side): CamSideShape => $this->side($loop, $timing, $cylinder, $side), $sides),
            $separation === null ? null : $separation / 1e9,
            ($overlap = $timing->overlap()) === null ? null : $overlap / 1e9,
            $separation === null || $this->state->sheet->valveTrain->cams?->separation === null ? null : $timing->separationVerdict()->words,
        );
    }

    private static function reading(CamReading $reading): CamReadingShape
    {
        return new CamReadingShape(
            $reading->entry->id, $reading->entry->by, $reading->entry->at->format(SlipView::INSTANT),
            $reading->read->late / 1e9, $reading->read->teethOff(), $reading->read->inWords(), $reading->isAfterTurns, $reading->staleBecause,
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
            $side, $degrees($events?->opens), $degrees($events?->closes), $degrees($events?->duration()), $degrees($events?->centreline()),
            $degrees($stated?->opens), $degrees($stated?->closes), $degrees($stated?->centreline?->middle()),
            $verdict?->state, $verdict?->words, $verdict?->reason,
            $correction === null || $verdict === null ? null : $loop->mending($correction, $verdict->state),
            ...self::move($correction),
        );
    }

    /** @return array{int|null, CamWay|null, float|null, float|null} */
    private static function move(?CamCorrection $correction): array
    {
        return [$correction?->teeth(), $correction?->way(), $correction?->later(), $correction?->slot()];
    }
}
