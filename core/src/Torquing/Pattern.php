<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Refusal\ContradictoryFields;

/**
 * The order in which the bolts of a joint are drawn, and how far it tilts the part on the way.
 *
 * Round: by angle about the centroid. Cross: every second bolt lies across from the one before it, at a mean tilt no larger than
 * that of round. Inside-out: from the middle outwards, crossing over where it can. Given: as the maker numbers them.
 * Source: shop practice; a head that is drawn on one side first lies on one side.
 */
final readonly class Pattern
{
    /** How much nearer to the middle a later bolt may be than an earlier one, as a share of the largest distance. */
    private const INWARDS = 0.1;

    /** Tilts that differ by less are one. */
    private const SAME = 1e-9;

    /** From so many bolts a pattern across is tried; from more the later ones give nothing new. */
    private const BEGINNINGS = 16;

    /** @param  list<int>  $bolts */
    private function __construct(private Joint $joint, private array $bolts)
    {
    }

    public static function round(Joint $joint): self
    {
        $bolts = range(0, $joint->count() - 1);
        usort($bolts, static function (int $one, int $other) use ($joint): int {
            $central = $joint->isCentral($other) <=> $joint->isCentral($one);
            if ($central !== 0 || $joint->isCentral($one)) {
                return $central ?: $one <=> $other;
            }
            $apart = $joint->angle($one) - $joint->angle($other);

            return abs($apart) > self::SAME ? $apart <=> 0 : ($joint->distance($one) <=> $joint->distance($other) ?: $one <=> $other);
        });

        return new self($joint, $bolts);
    }

    public static function cross(Joint $joint): self
    {
        $round = self::round($joint);
        $best = null;
        foreach ([true, false] as $paired) {
            foreach (range(0, min(self::BEGINNINGS, $joint->count()) - 1) as $first) {
                $pattern = self::alternating($joint, $first, $paired);
                if ($best === null || $pattern->meanTilt() < $best->meanTilt() - self::SAME) {
                    $best = $pattern;
                }
            }
            // what crosses over and tilts no more than round is what is asked for; else the tilt goes first
            if ($best->meanTilt() <= $round->meanTilt() + self::SAME) {
                return $best;
            }
        }

        return $round;
    }

    /** From a first bolt, each next one where the part then tilts least; in pairs, every second one across if one is left. */
    private static function alternating(Joint $joint, int $first, bool $paired): self
    {
        $left = array_diff(range(0, $joint->count() - 1), [$first]);
        $order = [$first];
        $sum = $joint->with([0.0, 0.0], $first);
        while ($left !== []) {
            $last = $order[count($order) - 1];
            $isSecond = $paired && count($order) % 2 === 1;
            $across = $isSecond ? array_filter($left, static fn (int $bolt): bool => $joint->areAcross($last, $bolt)) : [];
            $next = self::steadiest($joint, $across === [] ? $left : $across, $sum, count($order) + 1,
                $paired && ! $isSecond ? $left : []);
            $order[] = $next;
            $sum = $joint->with($sum, $next);
            $left = array_diff($left, [$next]);
        }

        return new self($joint, $order);
    }

    /**
     * The bolt after which the part tilts least, or, of the first of a pair, after whose best partner it does; of equal ones the
     * first by place.
     *
     * @param  array<int>  $bolts
     * @param  array{float, float}  $sum
     * @param  array<int>  $partners
     */
    private static function steadiest(Joint $joint, array $bolts, array $sum, int $done, array $partners): int
    {
        $best = null;
        foreach ($bolts as $bolt) {
            $with = $joint->with($sum, $bolt);
            $tilt = $joint->tilt($with, $done);
            $across = array_filter($partners, static fn (int $other): bool => $other !== $bolt && $joint->areAcross($bolt, $other));
            $after = array_map(static fn (int $other): float => $joint->tilt($joint->with($with, $other), $done + 1), $across);
            $cost = $after === [] ? $tilt : $tilt + min($after);
            if ($best === null || $cost < $best[1] - self::SAME) {
                $best = [$bolt, $cost];
            }
        }

        return $best[0] ?? 0;
    }

    public static function insideOut(Joint $joint): self
    {
        $left = range(0, $joint->count() - 1);
        $order = [];
        $sum = [0.0, 0.0];
        while ($left !== []) {
            $nearest = min(array_map($joint->distance(...), $left));
            $room = $order === [] ? self::SAME * $joint->largest : self::INWARDS * $joint->largest;
            $may = array_filter($left, static fn (int $bolt): bool => $joint->distance($bolt) <= $nearest + $room);
            $last = $order[count($order) - 1] ?? null;
            $across = $last === null ? [] : array_filter($may, static fn (int $bolt): bool => $joint->areAcross($last, $bolt));
            $next = self::steadiest($joint, $across === [] ? $may : $across, $sum, count($order) + 1, []);
            $order[] = $next;
            $sum = $joint->with($sum, $next);
            $left = array_values(array_diff($left, [$next]));
        }

        return new self($joint, $order);
    }

    /**
     * @param  list<string>  $ids
     *
     * @throws ContradictoryFields at order, where it does not name every bolt once
     */
    public static function given(Joint $joint, array $ids): self
    {
        $sorted = $ids;
        $all = $joint->ids;
        sort($sorted, SORT_STRING);
        sort($all, SORT_STRING);
        if ($sorted !== $all) {
            throw ContradictoryFields::excluded('order', implode(', ', $ids), 'An order names every bolt once.', implode(', ', $all));
        }
        $index = array_flip($joint->ids);

        return new self($joint, array_map(static fn (string $id): int => $index[$id], $ids));
    }

    /** @return list<string> */
    public function order(): array
    {
        return array_map(fn (int $bolt): string => $this->joint->ids[$bolt], $this->bolts);
    }

    /** @return list<float> after each bolt */
    public function tilts(): array
    {
        return $this->joint->tilts($this->bolts);
    }

    public function meanTilt(): float
    {
        return array_sum($this->tilts()) / count($this->bolts);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $tilts = $this->tilts();

        return ['order' => $this->order(), 'tilt' => ['steps' => $tilts, 'worst' => max([0.0, ...$tilts]), 'mean' => $this->meanTilt()]];
    }
}
