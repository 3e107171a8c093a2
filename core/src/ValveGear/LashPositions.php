<?php

namespace Moltrek\Core\ValveGear;

/**
 * The fewest crank positions at which all valves can be set, as many of them as possible on marks. A position that serves some
 * valves can be turned on to the first end of their arcs and serves them still, so only those ends and the marks are looked at.
 * Source: piercing of arcs on a circle, counted out over the sets of valves.
 */
final readonly class LashPositions
{
    private const TURN = SettableArc::CYCLE / 2;

    /** @param  list<LashPosition>  $all  in turning order */
    private function __construct(public array $all)
    {
    }

    /**
     * @param  list<SettableArc>  $arcs
     * @param  list<int|float>  $marks  on the crank, each standing for both turns
     * @param  int|float  $from  where the crank stands
     */
    public static function of(array $arcs, array $marks, int|float $from): self
    {
        $chosen = self::fewest(self::candidates($arcs, $marks), (1 << count($arcs)) - 1);
        usort($chosen, static fn (array $one, array $other): int => SettableArc::within($one['crank'] - $from)
            <=> SettableArc::within($other['crank'] - $from));
        $set = [];
        $positions = [];
        foreach ($chosen as $each) {
            $here = array_filter($arcs, static fn (SettableArc $arc): bool => ! isset($set[$arc->valve]) && $arc->has($each['crank']));
            $valves = array_map(static fn (SettableArc $arc): string => $arc->valve, array_values($here));
            $set += array_fill_keys($valves, true);
            $positions[] = new LashPosition($each['crank'], $each['on_mark'] === 1, $valves);
        }

        return new self($positions);
    }

    /**
     * Places of the crank with the valves that may be set there, each set of valves once on a mark and once off.
     *
     * @param  list<SettableArc>  $arcs
     * @param  list<int|float>  $marks
     * @return list<array{crank: int|float, on_mark: int, valves: int}>
     */
    private static function candidates(array $arcs, array $marks): array
    {
        $onMarks = array_merge(...array_map(static fn (int|float $mark): array => [$mark, $mark + self::TURN], $marks), ...[[]]);
        $candidates = [];
        foreach ([...$onMarks, ...array_map(static fn (SettableArc $arc): int|float => $arc->end(), $arcs)] as $crank) {
            $valves = 0;
            foreach ($arcs as $index => $arc) {
                $valves |= $arc->has($crank) ? 1 << $index : 0;
            }
            $onMark = in_array(SettableArc::within($crank), array_map(SettableArc::within(...), $onMarks), false) ? 1 : 0;
            $candidates[$valves.'.'.$onMark] ??= ['crank' => SettableArc::within($crank), 'on_mark' => $onMark, 'valves' => $valves];
        }

        return array_values($candidates);
    }

    /**
     * Layer by layer: what can be served with so many positions, and with how many of them on marks at best.
     *
     * @param  list<array{crank: int|float, on_mark: int, valves: int}>  $candidates
     * @return list<array{crank: int|float, on_mark: int, valves: int}>
     */
    private static function fewest(array $candidates, int $all): array
    {
        $reached = [0 => ['marks' => 0, 'by' => []]];
        while (! isset($reached[$all])) {
            $next = [];
            foreach ($reached as $served => $way) {
                $open = $all & ~$served;
                $first = $open & -$open;
                foreach ($candidates as $index => $candidate) {
                    if (($candidate['valves'] & $first) === 0) {
                        continue;
                    }
                    $then = $served | $candidate['valves'];
                    $marks = $way['marks'] + $candidate['on_mark'];
                    if (! isset($next[$then]) || $next[$then]['marks'] < $marks) {
                        $next[$then] = ['marks' => $marks, 'by' => [...$way['by'], $index]];
                    }
                }
            }
            $reached = $next;
        }

        return array_map(static fn (int $index): array => $candidates[$index], $reached[$all]['by']);
    }
}
