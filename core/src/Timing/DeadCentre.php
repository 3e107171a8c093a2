<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * Top dead centre between pairs of readings of a degree wheel, at a stop or at equal drops on both sides of it: halfway in each
 * pair, and the mean of the pairs. Several pairs tell by their spread how far one may be believed. Angles in billionths of a degree.
 * Source: shop practice.
 */
final readonly class DeadCentre
{
    /** Pairs whose middles lie further apart than this are not of one dead centre. */
    private const FURTHEST = Circle::TURN / 4;

    /** A pair whose middle lies further from the others than this is not believed, in billionths of a degree. */
    public const DOUBTFUL = 3_000_000_000;

    /** @param  non-empty-list<WheelPair>  $pairs */
    private function __construct(public array $pairs, public int|float $tdc, public int|float $spread)
    {
    }

    /**
     * @param  list<WheelPair>  $pairs
     *
     * @throws MalformedDocument|OutOfDomain at pairs
     */
    public static function between(array $pairs): self
    {
        if ($pairs === []) {
            throw MalformedDocument::wrongSort([], 'at least one pair')->under('pairs');
        }
        $middles = array_map(static fn (WheelPair $pair): int|float => $pair->middle, $pairs);
        sort($middles);
        [$first, $gap] = self::afterWidestGap($middles);
        $spread = Circle::TURN - $gap;
        if ($spread > self::FURTHEST) {
            throw OutOfDomain::because('pairs', 'These pairs are not of one dead centre: their middles lie too far apart.',
                Dimension::Angle->written($spread), 'middles within 90 deg of each other');
        }
        $along = array_map(static fn (int|float $middle): int|float => Circle::within($middle - $first), $middles);

        return new self($pairs, Circle::within($first + array_sum($along) / count($along)), $spread);
    }

    /** What to add to the wheel so that it reads nothing at top dead centre. */
    public function setBy(): int|float
    {
        return Circle::signed(-$this->tdc);
    }

    /** How far another pair puts the top from here. */
    public function apartFrom(WheelPair $other): int|float
    {
        return abs(Circle::signed($other->middle - $this->tdc));
    }

    /**
     * @param  non-empty-list<int|float>  $middles  in rising order
     * @return array{int|float, int|float} the middle after the widest gap between neighbours, and that gap
     */
    private static function afterWidestGap(array $middles): array
    {
        $last = $middles[count($middles) - 1];
        [$first, $widest] = [$middles[0], Circle::TURN - ($last - $middles[0])];
        for ($i = 1; $i < count($middles); $i++) {
            if ($widest < $middles[$i] - $middles[$i - 1]) {
                [$first, $widest] = [$middles[$i], $middles[$i] - $middles[$i - 1]];
            }
        }

        return [$first, $widest];
    }
}
