<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Ring;

/**
 * Every place where this engine is read, in the order of the hands: cylinder by cylinder, the piston, the bore from the top
 * down with the axis across the pin first (it wears more), then the rings from the top.
 */
final class Catalogue
{
    /** The bore's axes and what they are called. */
    private const AXES = ['across' => 'across the pin', 'along' => 'along the pin'];

    /** @return array<string, Spot> by id */
    public static function of(EngineSheet $sheet): array
    {
        $spots = [];
        foreach ($sheet->cylinders as $cylinder) {
            foreach ([self::piston($sheet, $cylinder), ...self::bore($sheet, $cylinder), ...self::rings($sheet, $cylinder)] as $spot) {
                $spots[$spot->id] = $spot;
            }
        }

        return $spots;
    }

    private static function piston(EngineSheet $sheet, Cylinder $cylinder): Spot
    {
        $gaugePoint = self::short($sheet->piston->gaugePoint);

        return new Spot(
            'piston.'.$cylinder->id, Quantity::Piston, $cylinder, 'skirt',
            self::named('Piston at gauge point', $sheet, $cylinder),
            $gaugePoint.' up from the skirt edge, across the pin',
            $sheet->piston->gaugePoint, $sheet->bore,
        );
    }

    /** @return list<Spot> */
    private static function bore(EngineSheet $sheet, Cylinder $cylinder): array
    {
        $spots = [];
        foreach ($sheet->barrel->gaugeDepths as $depth) {
            foreach (self::AXES as $axis => $spoken) {
                $down = self::short($depth).' down';
                $spots[] = new Spot(
                    sprintf('bore.%s.%s.%s', $cylinder->id, $axis, $depth->quantity()['value']), Quantity::Bore, $cylinder, $axis,
                    self::named(sprintf('Bore, %s, %s', $down, $spoken), $sheet, $cylinder),
                    $down.' from the top face, '.$spoken,
                    $depth, $sheet->bore,
                );
            }
        }

        return $spots;
    }

    /** @return list<Spot> */
    private static function rings(EngineSheet $sheet, Cylinder $cylinder): array
    {
        $depth = $sheet->piston->gapDepth;

        return array_map(static fn (Ring $ring): Spot => new Spot(
            sprintf('ring_gap.%s.%s', $cylinder->id, $ring->id), Quantity::RingGap, $cylinder, $ring->id,
            self::named(ucfirst($ring->name).' end gap', $sheet, $cylinder),
            $depth === null ? 'squared in the bore with the piston' : 'squared with the piston, '.self::short($depth).' down',
            $depth, null,
        ), $sheet->piston->gappedRings());
    }

    private static function named(string $name, EngineSheet $sheet, Cylinder $cylinder): string
    {
        return count($sheet->cylinders) === 1 ? $name : $name.', '.$cylinder->name;
    }

    private static function short(Length $length): string
    {
        return rtrim(rtrim(number_format($length->quantity()['value'], 3, '.', ''), '0'), '.').' mm';
    }
}
