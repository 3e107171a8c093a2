<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Lubrication;
use Moltrek\Core\Sheet\ValveGear;

/** What befell a cylinder, and what has to be read or renewed before it fires again. Source: shop practice. */
final readonly class Mishap
{
    public function __construct(public Act $act, public string $cylinder)
    {
    }

    /** @return list<string> what the hold of the start asks, one thing an item */
    public function asks(EngineSheet $sheet): array
    {
        $cylinder = $sheet->cylinder($this->cylinder);
        $of = $cylinder !== null && $sheet->layout->hasSeveral() ? ucfirst($cylinder->name).', ' : '';
        $why = ucfirst($this->act->value);

        return array_map(static fn (string $item): string => "$of$item ($why)", $this->items($sheet));
    }

    /** @return list<string> */
    private function items(EngineSheet $sheet): array
    {
        $train = $sheet->valveTrain;
        $isFourStroke = $sheet->layout->cycle === Cycle::FourStroke;
        $isByFuel = $sheet->lubricating->by === Lubrication::Fuel;
        $timing = $train->hasChain() || $train->gear !== ValveGear::None ? ['cam timing read after two turns'] : [];

        return match ($this->act) {
            Act::PistonMetValve => [
                'leak-down read', 'run-out of every stem read or the valve renewed', 'guides felt and read', 'seats proved',
                'crown looked at for prints and cracks', 'rod straight, or renewed', ...$timing,
            ],
            Act::LiquidInCylinder => [
                'rod straight, or renewed: piston height compared with another or with before', 'where it came from mended',
                $isByFuel ? 'cases drained and blown dry: none of it left round the crank' : 'oil changed: none of it left in the cases',
                ...$isFourStroke ? ['head joint and its bolts seen'] : ['crank run-out read'],
            ],
            Act::Seized => [
                'cause found: oil, mixture, cooling, clearance', 'bore read, its material off the wall',
                'piston and rings renewed, or read and sound',
                'pin and small end free and unblued', 'big end felt: no play, no catch',
                match ($sheet->lubricating->by) {
                    Lubrication::Pressure => 'passages and filter free of metal, oil changed',
                    Lubrication::Splash => 'sump free of metal, oil changed',
                    Lubrication::Fuel => 'cases flushed: no metal round the crank',
                },
            ],
            Act::BrokeRing => [
                'every piece of the ring found', 'groove read and its land whole',
                $isFourStroke ? 'bore looked at for scores' : 'bore looked at for scores, ports for nicks',
                'crown and head free of prints', ...$isFourStroke ? ['seats free of pieces'] : ['cases flushed: no piece in the crank'],
            ],
            default => [],
        };
    }
}
