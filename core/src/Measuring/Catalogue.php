<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\EngineSheet;

/** The quantities of the trade on one engine: every place where it is read, in the order of the hands. */
final class Catalogue
{
    /** The groups in the order of the hands; those of one number are read together, cylinder by cylinder. */
    private const STAGES = [
        'as found' => 0, 'piston' => 1, 'bore' => 1, 'rings' => 1, 'pin and rod' => 2, 'crank' => 3,
        'checks' => 4, 'chamber' => 5, 'head' => 6, 'valves' => 7, 'cam' => 8, 'wheels' => 9,
    ];

    /** @return array<string, Measurable> by key */
    public static function all(): array
    {
        /** @var array<string, Measurable>|null $all */
        static $all = null;

        return $all ??= array_column(Quantities::all(), null, 'key');
    }

    /** @return array<string, Spot> by id */
    public static function of(EngineSheet $sheet): array
    {
        $spots = [];
        foreach (self::inOrder($sheet) as $spot) {
            $spots[$spot->id] = $spot;
        }

        return $spots;
    }

    /**
     * As the hands go: what belongs to one barrel is read cylinder by cylinder, everything else quantity by quantity.
     *
     * @return list<Spot>
     */
    private static function inOrder(EngineSheet $sheet): array
    {
        $spots = $order = [];
        foreach (self::all() as $measurable) {
            if ($measurable->taken->form === null || ! $measurable->laid->isOn($sheet)) {
                continue;
            }
            $stage = self::STAGES[$measurable->laid->group];
            foreach ($measurable->laid->place->on($sheet) as $place) {
                $order[] = [$stage, self::turn($sheet, $place, $stage), count($spots)];
                $spots[] = self::spot($sheet, $measurable, $place);
            }
        }
        array_multisort($order, $spots);

        return $spots;
    }

    /** A barrel's own readings come together, in the turn of its cylinder. */
    private static function turn(EngineSheet $sheet, PlaceOnEngine $place, int $stage): int
    {
        return $stage === self::STAGES['piston'] ? (int) array_search($place->cylinder, $sheet->layout->cylinders, true) : 0;
    }

    private static function spot(EngineSheet $sheet, Measurable $measurable, PlaceOnEngine $place): Spot
    {
        $name = ucfirst(sprintf($place->label, $measurable->name));
        $named = count($sheet->layout->cylinders) === 1 || $place->cylinder === null ? $name : $name.', '.$place->cylinder->name;
        $expected = $measurable->taken->basic || $sheet->limitsFor($measurable->key, $place->part, ...$place->also) !== [];
        $about = in_array($measurable->key, ['piston', 'bore', 'dome_volume'], true) ? $sheet->geometry->bore : null;

        return new Spot(
            rtrim($measurable->key.'.'.$place->id, '.'), $measurable, $place, $named,
            $place->hint ?? self::placed($measurable->taken->hint, $sheet, $place->depth), $about, $expected,
        );
    }

    /** The hint with this engine's figures in it. */
    private static function placed(string $hint, EngineSheet $sheet, ?Length $depth): string
    {
        $down = $depth === null ? '' : ', '.$depth->short().' down';

        return strtr($hint, [
            '{gauge point}' => $sheet->piston->gaugePoint->short(), '{down}' => $down,
            '{over the top}' => $sheet->crank?->mayTurnBack() === false
                ? 'on over top dead centre, never back' : 'past top dead centre and back',
        ]);
    }
}
