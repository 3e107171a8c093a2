<?php

namespace App\Bench;

use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Torquing\Run;

/** The fasteners of a joint from above, to scale, each with its place in the order of the last stage: for paper. */
final readonly class JointSvg
{
    private const MARGIN = 12.0;

    public function __construct(private Run $run)
    {
    }

    /** In millimetres of the engine; drawn on paper as wide as there is room. */
    public function svg(): string
    {
        $bolts = array_values($this->run->programme->bolts);
        $at = array_map(static fn (Fastener $bolt): array => [$bolt->x->quantity()['value'], $bolt->y->quantity()['value']], $bolts);
        if ($at === []) {
            return '';
        }
        [$left, $right] = [min(array_column($at, 0)) - self::MARGIN, max(array_column($at, 0)) + self::MARGIN];
        [$front, $rear] = [min(array_column($at, 1)) - self::MARGIN, max(array_column($at, 1)) + self::MARGIN];
        $passes = $this->run->programme->passes;
        $order = $passes === [] ? [] : array_flip($passes[count($passes) - 1]->order);
        $marks = '';
        foreach ($bolts as $index => $bolt) {
            [$x, $y] = [$at[$index][0] - $left, $rear - $at[$index][1]];
            $number = isset($order[$bolt->id]) ? (string) ($order[$bolt->id] + 1) : '';
            $marks .= sprintf('<circle cx="%.1f" cy="%.1f" r="7" fill="none" stroke="#111" stroke-width="0.8"/><text x="%.1f" y="%.1f" font-size="7" text-anchor="middle">%s</text>', $x, $y, $x, $y + 2.5, $number);
        }

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$.1f %2$.1f" width="%1$.1f" height="%2$.1f">%3$s</svg>', $right - $left, $rear - $front, $marks);
    }
}
