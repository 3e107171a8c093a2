<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Side;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Measuring\CrownPoint;
use Moltrek\Core\Measuring\Wordings;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;

/**
 * How far a crown stands below the barrel's face at top dead centre, read at one point or several: below is positive, proud
 * negative. Every reading is judged, for the piston rocks over its pin. Source: shop practice.
 */
final readonly class Deck
{
    /** @param  non-empty-list<Interval>  $intervals */
    private function __construct(public array $intervals, public ?Length $mean, public Verdict $verdict)
    {
    }

    /**
     * @param  non-empty-list<CrownPoint>  $points
     * @param  Length  $doubt  expanded, of every figure read outright
     */
    public static function of(array $points, Length $doubt, ?Limit $limit, ?Wording $wording = null): self
    {
        $intervals = array_map(static fn (CrownPoint $point): Interval => $point->said->interval($doubt->nanometres), $points);
        $verdict = Verdict::of($limit, $wording ?? Wordings::deck(), ...$intervals);

        return new self(
            $intervals,
            Crown::mean($points),
            $limit !== null && self::marginIsOpen($limit, $intervals) ? $verdict->withoutMargin() : $verdict,
        );
    }

    /**
     * Where only one end of the limit counts and every reading is open towards it, there is no telling how far off it is.
     *
     * @param  non-empty-list<Interval>  $intervals
     */
    private static function marginIsOpen(Limit $limit, array $intervals): bool
    {
        $side = $limit->sideOfMargin();
        $open = array_filter($intervals, static fn (Interval $one): bool => match ($side) {
            Side::Low => $one->isOpenBelow(),
            Side::High => $one->isOpenAbove(),
            null => false,
        });

        return count($open) === count($intervals);
    }

    /** The ends of what the crown may stand at: "0.27 to 0.31", "proud to 0.31". */
    public function inShort(): string
    {
        $lows = array_map(static fn (Interval $one): int|float => $one->isOpenBelow() ? -INF : $one->lowFigure(), $this->intervals);
        $highs = array_map(static fn (Interval $one): int|float => $one->isOpenAbove() ? INF : $one->highFigure(), $this->intervals);
        [$least, $most] = [min($lows), max($highs)];
        $figure = static fn (int|float $at): string => (new Figure(Dimension::Length, $at))->shown();

        return match (true) {
            $least === -INF && $most <= 0 => 'proud',
            $least === -INF => 'proud to '.($most === INF ? 'more' : $figure($most)),
            $most === INF => $figure($least).' or more',
            $least == $most => $figure($least),
            default => $figure($least).' to '.$figure($most),
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $lows = array_map(static fn (Interval $one): int|float => $one->low, $this->intervals);
        $highs = array_map(static fn (Interval $one): int|float => $one->high ?? INF, $this->intervals);

        return [
            'lowest' => self::ends(min($lows), min($highs)),
            'highest' => self::ends(max($lows), max($highs)),
            'mean' => $this->mean?->quantity(),
            'verdict' => $this->verdict->toArray(),
        ];
    }

    /** @return array{low: array{value: float, unit: string}|null, high: array{value: float, unit: string}|null} */
    private static function ends(int|float $low, int|float $high): array
    {
        $end = static fn (int|float $at): ?array => is_infinite($at) ? null : Dimension::Length->quantity($at);

        return ['low' => $end($low), 'high' => $end($high)];
    }
}
