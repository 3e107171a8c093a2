<?php

namespace Moltrek\Core\Judgement;

/**
 * The picture behind a verdict, in base steps: a stretch of scale wide enough for limits and readings, cut into zones.
 * Drawings take these figures and nothing else.
 */
final readonly class Ruler
{
    /** Room beyond the outermost mark, as a share of the span between the marks. */
    private const BORDER = 0.25;

    /**
     * @param  list<array{from: int|float, to: int|float, zone: Zone, side: Side|null}>  $zones  from the tight end up
     * @param  list<array{at: int|float, service: bool, source: string|null}>  $marks
     * @param  list<Interval>  $intervals
     */
    private function __construct(
        public int|float $from,
        public int|float $to,
        public array $zones,
        public array $marks,
        public array $intervals,
    ) {
    }

    /** @param  list<Interval>  $intervals */
    public static function of(Limit $limit, array $intervals): ?self
    {
        $marks = self::marks($limit);
        if ($marks === []) {
            return null;
        }
        $points = array_column($marks, 'at');
        foreach ($intervals as $interval) {
            $low = $interval->isOpenBelow() ? $interval->lowFigure() : $interval->low;
            array_push($points, $low, $interval->high ?? $low, $interval->nominal);
        }
        [$least, $most] = [min($points), max($points)];
        $span = $most - $least;
        $border = ($span > 0 ? $span : max(abs($most), 1)) * self::BORDER;
        [$from, $to] = [$least - $border, $most + $border];
        if ($least >= 0 && $from < 0) {
            $from = 0;
        }

        return new self($from, $to, self::zones($limit, $marks, $from, $to), $marks, $intervals);
    }

    /** @return list<array{at: int|float, service: bool, source: string|null}> in rising order, each place once */
    private static function marks(Limit $limit): array
    {
        $marks = [];
        foreach ($limit->ends() as $end) {
            if (! in_array($end->at, array_column($marks, 'at'), true)) {
                $marks[] = ['at' => $end->at, 'service' => $end->service, 'source' => $end->source];
            }
        }

        return $marks;
    }

    /**
     * @param  list<array{at: int|float, service: bool, source: string|null}>  $marks
     * @return list<array{from: int|float, to: int|float, zone: Zone, side: Side|null}>
     */
    private static function zones(Limit $limit, array $marks, int|float $from, int|float $to): array
    {
        $edges = [$from, ...array_column($marks, 'at'), $to];
        $zones = [];
        for ($i = 1; $i < count($edges); $i++) {
            if ($edges[$i] <= $edges[$i - 1]) {
                continue;
            }
            $middle = ($edges[$i - 1] + $edges[$i]) / 2;
            $below = $limit->zoneBelow($middle, true);
            $above = $limit->zoneAbove($middle);
            $zones[] = [
                'from' => $edges[$i - 1], 'to' => $edges[$i], 'zone' => Zone::worse($below, $above),
                'side' => $below !== Zone::Within ? Side::Low : ($above !== Zone::Within ? Side::High : null),
            ];
        }

        return $zones;
    }
}
