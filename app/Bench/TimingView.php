<?php

namespace App\Bench;

use App\Http\Shapes\TimingCylinderShape;
use App\Http\Shapes\TimingLiftShape;
use App\Http\Shapes\TimingMarkShape;
use App\Http\Shapes\TimingShape;
use App\Http\Shapes\TimingStrokeShape;
use App\Http\Shapes\TimingWheelShape;
use App\Http\Shapes\WheelFitShape;
use Moltrek\Core\Fitting\ThicknessChoice;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Timing\IgnitionLoop;
use Moltrek\Core\Log\Timing\WheelFit;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\CamWheel;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Form;
use Moltrek\Core\Sheet\TimingMark;
use Moltrek\Core\Sheet\ValveSide;
use Moltrek\Core\Timing\CamWheelStep;
use Moltrek\Core\Timing\MarksMeet;
use Moltrek\Core\Timing\Stroke;
use Moltrek\Core\Timing\ValveLift;

/** The timing bench of a job as its screens take it: what is drawn, and how far each loop has come. */
final readonly class TimingView
{
    /** Between two lifts of a valve that are sent, in crank degrees. */
    private const LIFT_STEP = 4;

    /** Of the whole lift where the sheet states none, in millimetres. */
    private const USUAL_LIFT = 8.0;

    private EngineSheet $sheet;

    public function __construct(private BuildState $state)
    {
        $this->sheet = $state->sheet;
    }

    public function shape(): TimingShape
    {
        $sheet = $this->sheet;
        $millimetres = static fn (?Length $length): ?float => $length?->quantity()['value'];
        $train = $sheet->valveTrain;

        return new TimingShape(
            bore: (float) $millimetres($sheet->geometry->bore),
            stroke: (float) $millimetres($sheet->geometry->stroke),
            rod: $millimetres($sheet->geometry->rod),
            incline: $sheet->ignition->incline / 1e9,
            cycle: $sheet->layout->cycle,
            form: $sheet->layout->form,
            veeAngle: $sheet->layout->veeAngle ?? 0.0,
            gear: $train->gear,
            drive: $train->drive,
            runs: $sheet->crank?->runs()->value ?? 'clockwise',
            seenFrom: $sheet->crank?->seenFrom() ?? 'the right',
            turnedBy: $sheet->crank?->turnedBy,
            mayTurnBack: $sheet->crank?->mayTurnBack() ?? true,
            turningBack: $sheet->crank?->turningBack,
            lift: $train->cams?->lift?->written(),
            decompressor: $train->decompressor,
            splitChain: $train->splitChain,
            statesPoint: $sheet->ignition->point !== null,
            cylinders: array_map($this->cylinder(...), $sheet->layout->cylinders, array_keys($sheet->layout->cylinders)),
            strokes: array_map(static fn (Stroke $stroke): TimingStrokeShape => new TimingStrokeShape($stroke->name, $stroke->from, $stroke->to), Stroke::of($sheet->layout->cycle, $train->cams)),
            lifts: $this->lifts(),
            wheel: $train->camWheel === null ? null : self::wheel($train->camWheel),
            marks: array_map($this->mark(...), $sheet->marks->all),
            tops: array_map((new TopView($this->state))->shape(...), $sheet->layout->cylinders),
            ignitions: (new IgnitionView($this->state))->shapes(),
            cams: (new CamView($this->state))->shapes(),
            wheels: array_map(self::fit(...), WheelFit::on($this->state)),
            thickness: $sheet->ignition->point === null ? null : 'A thicker gasket lifts head and dial together: zero the dial at the top again, and a point measured from the top is the same. '
                .'Only a depth counted from the plug’s seat, and the cams that a chain turns, move with it.',
        );
    }

    /** In a V the first column leans back, the second forward, as the crank is drawn from the right. */
    private function cylinder(Cylinder $cylinder, int $index): TimingCylinderShape
    {
        $angle = $this->sheet->layout->form === Form::Vee ? $this->sheet->layout->veeAngle ?? 0.0 : 0.0;
        $lean = $angle / 2 * ($index % 2 === 0 ? 1 : -1);

        return new TimingCylinderShape(
            id: $cylinder->id,
            name: $cylinder->name,
            phase: $cylinder->phase,
            fires: $cylinder->fires,
            lean: $lean,
        );
    }

    /** @return list<TimingLiftShape> */
    public function lifts(): array
    {
        $cams = $this->sheet->valveTrain->cams;
        $lifts = [];
        foreach (ValveSide::cases() as $side) {
            $events = $cams?->of($side);
            if ($cams === null || $events === null) {
                continue;
            }
            $most = $cams->most?->quantity()['value'] ?? self::USUAL_LIFT;
            $lift = ValveLift::of($side, $events, min($most * 0.9, $cams->lift?->quantity()['value'] ?? 0.0), $most);
            $lifts[] = new TimingLiftShape(
                side: $side,
                opens: $lift->opens,
                closes: $lift->closes,
                most: $most,
                lifts: array_map(
                    static fn (int $crank): float => round($lift->at($crank), 3), range(0, (int) ValveLift::CYCLE - 1, self::LIFT_STEP),
                ),
            );
        }

        return $lifts;
    }

    private static function wheel(CamWheel $wheel): TimingWheelShape
    {
        $driving = $wheel->drivenBy ?? intdiv($wheel->teeth, 2);

        return new TimingWheelShape(
            teeth: $wheel->teeth,
            drivenBy: $driving,
            radius: $wheel->pitch->quantity()['value'] / (2 * sin(M_PI / $wheel->teeth)),
            pitch: $wheel->pitch->quantity()['value'],
            slotted: $wheel->isSlotted,
            tooth: (new CamWheelStep($wheel->teeth))->cam() / 1e9,
            turns: MarksMeet::afterTurns($driving, $wheel->teeth),
        );
    }

    private function mark(TimingMark $mark): TimingMarkShape
    {
        $drawnFrom = $this->sheet->crank?->seenFrom() ?? 'the right';

        return new TimingMarkShape(
            id: $mark->id,
            name: $mark->name,
            on: $mark->on,
            for: $mark->for,
            cylinder: $mark->cylinder,
            side: $mark->side,
            meets: $mark->meets,
            clock: $mark->clock,
            against: $mark->against,
            seenFrom: $mark->seenFrom ?? $drawnFrom,
            mirrored: $mark->seenFrom !== null && $mark->seenFrom !== $drawnFrom,
            trusted: $this->sheet->ignition->trusted === $mark->id,
            punched: $this->state->timings->punchedFor($mark->id)?->by,
            off: (new IgnitionLoop($this->state, in_array($mark->cylinder, $this->state->timings->timedCylinders(), true) ? $mark->cylinder : null))->markOff($mark),
        );
    }

    private static function fit(WheelFit $fit): WheelFitShape
    {
        $assessment = $fit->assessment();
        $choices = $fit->choices();
        $words = static fn (ThicknessChoice $choice): string => implode(' + ', $choice->pieces).': '.($choice->low->equals($choice->high) ? $choice->low->written()
            : $choice->low->written().' to '.$choice->high->written());
        $verdict = $assessment?->verdict;
        $measurable = $assessment?->subject->quantity;
        $limit = $assessment?->subject->source->limit;

        return new WheelFitShape(
            spot: $fit->quantity,
            name: $measurable?->title() ?? $fit->quantity->value,
            hint: $measurable?->taken->hint ?? '',
            read: $assessment?->figure,
            state: $verdict?->state,
            words: $verdict?->words,
            reason: $verdict?->reason,
            action: $verdict?->action,
            limit: $limit === null ? null : implode(' to ', array_map(static fn (int|float $end): string => $limit->dimension->written($end), array_filter([$limit->min, $limit->max], static fn (int|float|null $end): bool => $end !== null))),
            where: $fit->shims?->where,
            shims: array_map($words, $choices === null ? [] : $choices->choices),
            nearly: array_map($words, $choices === null ? [] : $choices->nearly),
            wanted: $choices?->wanted?->written(),
        );
    }
}
