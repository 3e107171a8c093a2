<?php

namespace Moltrek\Core\ValveGear;

use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\ValveSide;
use Moltrek\Core\Timing\CrankGeometry;
use Moltrek\Core\Timing\Stroke;
use Moltrek\Core\Timing\ValveLift;

/** A cylinder at one turn of the crank: how far its piston is down, on which stroke, which of its valves are open. */
final readonly class PistonAt
{
    /** A rod of twice the stroke, where the sheet states none: for the drawing, nothing is judged by it. */
    private const USUAL_ROD = 2.0;

    /** @param  list<ValveSide>  $open */
    private function __construct(public Cylinder $cylinder, public float $down, public string $stroke, public array $open)
    {
    }

    /** @param  float  $crank  degrees of the two turns */
    public static function of(EngineSheet $sheet, Cylinder $cylinder, float $crank): self
    {
        $after = fmod($crank - ($cylinder->fires ?? 0.0) + 2 * ValveLift::CYCLE, ValveLift::CYCLE);
        $stroke = $sheet->geometry->stroke->nanometres / 1e6;
        $rod = $sheet->geometry->rod === null ? self::USUAL_ROD * $stroke : $sheet->geometry->rod->nanometres / 1e6;
        $named = array_values(array_filter(Stroke::of($sheet->layout->cycle, $sheet->valveTrain->cams),
            static fn (Stroke $each): bool => $after >= $each->from && $after < $each->to));
        $open = array_values(array_filter(ValveSide::cases(), static fn (ValveSide $side): bool => self::isOpen($sheet, $side, $after)));

        return new self($cylinder, (new CrankGeometry($stroke / 2, $rod))->belowTopDeadCentre($after) / $stroke,
            $named[0]->name ?? '', $open);
    }

    private static function isOpen(EngineSheet $sheet, ValveSide $side, float $after): bool
    {
        $events = $sheet->valveTrain->cams?->of($side);
        if ($events === null) {
            return false;
        }
        $lift = ValveLift::of($side, $events, 0, 1);
        $into = fmod($after - $lift->opens + ValveLift::CYCLE, ValveLift::CYCLE);

        return $into > 0 && $into < $lift->closes - $lift->opens;
    }
}
