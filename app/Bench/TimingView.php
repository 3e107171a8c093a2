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
            (float) $millimetres($sheet->geometry->bore), (float) $millimetres($sheet->geometry->stroke), $millimetres($sheet->geometry->rod),
            $sheet->ignition->incline / 1e9, $sheet->layout->cycle, $sheet->layout->form, $sheet->layout->veeAngle ?? 0.0,
            $train->gear, $train->drive,
            $sheet->crank?->runs()->value ?? 'clockwise', $sheet->crank?->seenFrom() ?? 'the right', $sheet->crank?->turnedBy,
            $sheet->crank?->mayTurnBack() ?? true, $sheet->crank?->turningBack, $train->cams?->lift?->written(), $train->decompressor, $train->splitChain, $sheet->ignition->point !== null,
            array_map($this->cylinder(...), $sheet->layout->cylinders, array_keys($sheet->layout->cylinders)),
            array_map(static fn (Stroke $stroke): TimingStrokeShape => new TimingStrokeShape($stroke->name, $stroke->from, $stroke->to), Stroke::of($sheet->layout->cycle, $train->cams)),
            $this->lifts(),
            $train->camWheel === null ? null : self::wheel($train->camWheel),
            array_map($this->mark(...), $sheet->marks->all),
            array_map((new TopView($this->state))->shape(...), $sheet->layout->cylinders),
            (new IgnitionView($this->state))->shapes(),
            (new CamView($this->state))->shapes(),
            array_map(self::fit(...), WheelFit::on($this->state)),
            $sheet->ignition->point === null ? null : 'A thicker gasket lifts head and dial together: zero the dial at the top again, and a point measured from the top is the same. '
                .'Only a depth counted from the plug’s seat, and the cams that a chain turns, move with it.',
        );
    }

    /** In a V the first column leans back, the second forward, as the crank is drawn from the right. */
    private function cylinder(Cylinder $cylinder, int $index): TimingCylinderShape
    {
        $angle = $this->sheet->layout->form === Form::Vee ? $this->sheet->layout->veeAngle ?? 0.0 : 0.0;
        $lean = $angle / 2 * ($index % 2 === 0 ? 1 : -1);

        return new TimingCylinderShape($cylinder->id, $cylinder->name, $cylinder->phase, $cylinder->fires, $lean);
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
            $lifts[] = new TimingLiftShape($side, $lift->opens, $lift->closes, $most, array_map(
                static fn (int $crank): float => round($lift->at($crank), 3), range(0, (int) ValveLift::CYCLE - 1, self::LIFT_STEP),
            ));
        }

        return $lifts;
    }

    private static function wheel(CamWheel $wheel): TimingWheelShape
    {
        $driving = $wheel->drivenBy ?? intdiv($wheel->teeth, 2);

        return new TimingWheelShape(
            $wheel->teeth, $driving, $wheel->pitch->quantity()['value'] / (2 * sin(M_PI / $wheel->teeth)), $wheel->pitch->quantity()['value'],
            $wheel->isSlotted, (new CamWheelStep($wheel->teeth))->cam() / 1e9, MarksMeet::afterTurns($driving, $wheel->teeth),
        );
    }

    private function mark(TimingMark $mark): TimingMarkShape
    {
        $drawnFrom = $this->sheet->crank?->seenFrom() ?? 'the right';

        return new TimingMarkShape(
            $mark->id, $mark->name, $mark->on, $mark->for, $mark->cylinder, $mark->side, $mark->meets, $mark->clock, $mark->against,
            $mark->seenFrom ?? $drawnFrom, $mark->seenFrom !== null && $mark->seenFrom !== $drawnFrom,
            $this->sheet->ignition->trusted === $mark->id, $this->state->timings->punchedFor($mark->id)?->by,
            (new IgnitionLoop($this->state, in_array($mark->cylinder, $this->state->timings->timedCylinders(), true) ? $mark->cylinder : null))->markOff($mark),
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
            $fit->quantity, $measurable?->title() ?? $fit->quantity->value, $measurable?->taken->hint ?? '',
            $assessment?->figure, $verdict?->state, $verdict?->words, $verdict?->reason, $verdict?->action,
            $limit === null ? null : implode(' to ', array_map(static fn (int|float $end): string => $limit->dimension->written($end), array_filter([$limit->min, $limit->max], static fn (int|float|null $end): bool => $end !== null))),
            $fit->shims?->where,
            array_map($words, $choices === null ? [] : $choices->choices), array_map($words, $choices === null ? [] : $choices->nearly), $choices?->wanted?->written(),
        );
    }
}
