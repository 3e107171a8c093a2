<?php

namespace App\Bench;

use App\Http\Shapes\CylinderShape;
use App\Http\Shapes\DrawingShape;
use App\Http\Shapes\RingShape;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Ring;
use Moltrek\Core\Timing\CrankGeometry;

/** What a drawing of the engine needs, in millimetres; where the sheet is silent, in proportion to bore and stroke. */
final class DrawingView
{
    /** The crank angle, in degrees, at which engines are drawn standing still: both ends of a stroke can be told apart. */
    private const SHOWN_AT = 55.0;

    public static function of(EngineSheet $sheet): DrawingShape
    {
        $stroke = self::millimetres($sheet->geometry->stroke);
        $bore = self::millimetres($sheet->geometry->bore);
        $piston = $sheet->piston->height === null ? 0.75 * $bore : self::millimetres($sheet->piston->height);

        $rod = $sheet->geometry->rod === null ? 1.9 * $stroke : self::millimetres($sheet->geometry->rod);
        $geometry = new CrankGeometry($stroke / 2, $rod);

        return new DrawingShape(
            cycle: $sheet->layout->cycle,
            form: $sheet->layout->form,
            veeAngle: $sheet->layout->veeAngle,
            cooling: $sheet->layout->cooling,
            valveGear: $sheet->valveTrain->gear,
            exhaustValve: $sheet->exhaustValve !== null,
            oneBlock: $sheet->barrel->oneBlock,
            bore: $bore,
            stroke: $stroke,
            rod: $rod,
            rodIsStated: $sheet->geometry->rod !== null,
            barrelHeight: $sheet->barrel->height === null ? $stroke + $piston / 2 : self::millimetres($sheet->barrel->height),
            pistonHeight: $piston,
            gaugePoint: self::millimetres($sheet->piston->gaugePoint),
            cylinders: array_map(static fn (Cylinder $cylinder): CylinderShape => self::cylinder($cylinder, $geometry), $sheet->layout->cylinders),
            rings: array_map(static fn (Ring $ring): RingShape => new RingShape($ring->id, $ring->name, $ring->kind), $sheet->piston->rings),
        );
    }

    private static function cylinder(Cylinder $cylinder, CrankGeometry $geometry): CylinderShape
    {
        $crank = fmod(self::SHOWN_AT + $cylinder->phase, 360.0);

        return new CylinderShape(
            id: $cylinder->id,
            name: $cylinder->name,
            phase: $cylinder->phase,
            belowTop: $geometry->belowTopDeadCentre($crank),
            crank: $crank,
            bank: $cylinder->bank,
        );
    }

    private static function millimetres(Length $length): float
    {
        return $length->quantity()['value'];
    }
}
