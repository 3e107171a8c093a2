<?php

namespace App\Bench;

use App\Http\Shapes\TorqueBoreShape;
use App\Http\Shapes\TorquePlaceShape;
use App\Http\Shapes\TorqueSlotShape;
use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\ValveGear;
use Moltrek\Core\Torquing\Programme;

/**
 * What lies under the fasteners of a joint, from above: the bores between them, evenly in the largest group's row, and the chain
 * tunnel at its end. For drawing alone; nothing is judged by it.
 */
final readonly class JointPlace
{
    /** Room round a bore before the tunnel begins, and how wide that is, in mm. */
    private const WALL = 3.0;

    private const TUNNEL = 11.0;

    /** Half of what a fastener takes up on the map. */
    private const SIGN = 8.0;

    public static function of(EngineSheet $sheet, Slab $slab, ?Programme $programme): TorquePlaceShape
    {
        $bolts = $programme === null ? $sheet->stack->fastenersOf($slab->id) : array_values($programme->bolts);
        $groups = [];
        foreach ($bolts as $bolt) {
            $groups[$bolt->group][] = $bolt;
        }
        usort($groups, static fn (array $one, array $other): int => count($other) <=> count($one));
        $isOverBores = in_array($slab->kind, [SlabKind::Head, SlabKind::Barrel], true) && array_filter($bolts, static fn (Fastener $bolt): bool => $bolt->step === Fastener::pullOf($slab->id)) !== [];
        $bores = $isOverBores ? self::bores($sheet, $slab, $groups[0] ?? []) : [];

        return new TorquePlaceShape($bores, $bores === [] ? null : self::tunnel($sheet, $bores, $bolts), $slab->kind === SlabKind::Head);
    }

    /**
     * @param  list<Fastener>  $bolts
     * @return list<TorqueBoreShape>
     */
    private static function bores(EngineSheet $sheet, Slab $slab, array $bolts): array
    {
        $cylinders = array_values(array_filter($sheet->layout->cylinders, static fn (Cylinder $cylinder): bool => $slab->serves($cylinder->id)));
        [$left, $right] = self::ends(array_map(static fn (Fastener $bolt): float => self::millimetres($bolt->x->nanometres), $bolts));
        [$low, $high] = self::ends(array_map(static fn (Fastener $bolt): float => self::millimetres($bolt->y->nanometres), $bolts));
        $apart = ($right - $left) / max(1, count($cylinders));

        return array_map(static fn (int $index, Cylinder $cylinder): TorqueBoreShape => new TorqueBoreShape(
            cylinder: $cylinder->id,
            name: $cylinder->name,
            x: round($left + $apart * ($index + 0.5), 1),
            y: round(($low + $high) / 2, 1),
            bore: $sheet->geometry->bore->quantity()['value'],
            hasValves: $slab->kind === SlabKind::Head && ! in_array($sheet->valveTrain->gear, [ValveGear::None, ValveGear::Side], true),
        ), array_keys($cylinders), $cylinders);
    }

    /**
     * @param  non-empty-list<TorqueBoreShape>  $bores
     * @param  list<Fastener>  $bolts  none of which is drawn in the tunnel
     */
    private static function tunnel(EngineSheet $sheet, array $bores, array $bolts): ?TorqueSlotShape
    {
        if ($sheet->valveTrain->drive !== CamDrive::Chain || ! $sheet->valveTrain->hasCamInHead()) {
            return null;
        }
        $last = $bores[count($bores) - 1];
        [$left, $half] = [$last->x + $last->bore / 2 + self::WALL, $last->bore * 0.32];
        $beside = array_filter($bolts, static fn (Fastener $bolt): bool => self::millimetres($bolt->x->nanometres) > $left
            && abs(self::millimetres($bolt->y->nanometres) - $last->y) < $half);
        $room = min([self::TUNNEL, ...array_map(static fn (Fastener $bolt): float => self::millimetres($bolt->x->nanometres) - $left - self::SIGN, $beside)]);

        return $room < 2 ? null : new TorqueSlotShape($left, $last->y - $half, $room, 2 * $half);
    }

    /**
     * @param  list<float>  $values
     * @return array{float, float}
     */
    private static function ends(array $values): array
    {
        return $values === [] ? [0.0, 0.0] : [min($values), max($values)];
    }

    private static function millimetres(int|float $nanometres): float
    {
        return $nanometres / 1e6;
    }
}
