<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Sheet\CamFigures;
use Moltrek\Core\Sheet\Cycle;

/** What a cylinder does between two turns of the crank, counted from the top at which it fires. */
final readonly class Stroke
{
    private const HALF_TURN = 180.0;

    private function __construct(public string $name, public float $from, public float $to)
    {
    }

    /** @return list<self> one after another; the time in which both valves are open stands first where it is known */
    public static function of(Cycle $cycle, ?CamFigures $cams): array
    {
        $names = $cycle === Cycle::TwoStroke ? ['power, then scavenging', 'compression'] : ['power', 'exhaust', 'induction', 'compression'];
        $strokes = array_map(
            static fn (int $at, string $name): self => new self($name, $at * self::HALF_TURN, ($at + 1) * self::HALF_TURN),
            array_keys($names), $names,
        );
        if ($cams?->inlet === null || $cams->exhaust === null || $cams->inlet->opens + $cams->exhaust->closes <= 0) {
            return $strokes;
        }
        $top = 2 * self::HALF_TURN;

        return [new self('overlap', $top - $cams->inlet->opens / 1e9, $top + $cams->exhaust->closes / 1e9), ...$strokes];
    }
}
