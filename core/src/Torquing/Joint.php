<?php

namespace Moltrek\Core\Torquing;

/**
 * The bolts of a joint about their centroid. Places are kept as n·x − Σx, whole numbers of n-ths of a nanometre, so that neither
 * the origin nor the sequence of the list has any part in what follows; bolts stand in the order of their places: the smaller x
 * first, then the smaller y.
 */
final readonly class Joint
{
    /** Places nearer to each other than this share of the largest distance are one. */
    private const SAME = 1e-6;

    /** @var list<string> ids, in the order of their places */
    public array $ids;

    /** @var list<array{float, float}> places from the centroid */
    private array $places;

    /** @var list<float> distances from the centroid */
    private array $distances;

    /** The largest distance of any bolt from the centroid. */
    public float $largest;

    /** @param  non-empty-list<Bolt>  $bolts */
    public function __construct(array $bolts)
    {
        $count = count($bolts);
        [$sumX, $sumY] = [0, 0];
        foreach ($bolts as $bolt) {
            $sumX += $bolt->x->nanometres;
            $sumY += $bolt->y->nanometres;
        }
        $placed = array_map(static fn (Bolt $bolt): array => [
            $bolt->id, (float) ($count * $bolt->x->nanometres - $sumX), (float) ($count * $bolt->y->nanometres - $sumY),
        ], $bolts);
        $this->largest = max(array_map(static fn (array $bolt): float => hypot($bolt[1], $bolt[2]), $placed));
        $same = self::SAME * $this->largest;
        usort($placed, static fn (array $one, array $other): int => match (true) {
            abs($one[1] - $other[1]) > $same => $one[1] <=> $other[1],
            abs($one[2] - $other[2]) > $same => $one[2] <=> $other[2],
            default => strcmp($one[0], $other[0]),
        });
        $this->ids = array_column($placed, 0);
        $this->places = array_map(static fn (array $bolt): array => [$bolt[1], $bolt[2]], $placed);
        $this->distances = array_map(static fn (array $bolt): float => hypot($bolt[1], $bolt[2]), $placed);
    }

    public function count(): int
    {
        return count($this->ids);
    }

    public function distance(int $bolt): float
    {
        return $this->distances[$bolt];
    }

    /** Whether a bolt sits at the centroid, where no direction is across. */
    public function isCentral(int $bolt): bool
    {
        return $this->distances[$bolt] <= self::SAME * $this->largest;
    }

    /** Anticlockwise from +x, 0 up to a turn. */
    public function angle(int $bolt): float
    {
        [$x, $y] = $this->places[$bolt];
        $angle = atan2($y, $x);

        return $angle < -1e-12 ? $angle + 2 * M_PI : max(0.0, $angle);
    }

    /** Whether two bolts lie across the centroid from each other: over 90° apart, seen from there. */
    public function areAcross(int $one, int $other): bool
    {
        if ($this->isCentral($one) || $this->isCentral($other)) {
            return false;
        }
        [$x, $y] = $this->places[$one];
        [$u, $v] = $this->places[$other];

        return ($x * $u + $y * $v) / ($this->distances[$one] * $this->distances[$other]) < -1e-9;
    }

    /**
     * After each bolt of an order: the distance of the centroid of the bolts done from that of all, as a share of the largest
     * distance of any bolt from it; 0 where that is 0.
     *
     * @param  list<int>  $order
     * @return list<float>
     */
    public function tilts(array $order): array
    {
        $tilts = [];
        [$x, $y] = [0.0, 0.0];
        foreach ($order as $index => $bolt) {
            $x += $this->places[$bolt][0];
            $y += $this->places[$bolt][1];
            $tilts[] = $this->largest > 0 ? hypot($x, $y) / ($index + 1) / $this->largest : 0.0;
        }

        return $tilts;
    }

    /**
     * The sum of the places of some bolts and one more.
     *
     * @param  array{float, float}  $sum
     * @return array{float, float}
     */
    public function with(array $sum, int $bolt): array
    {
        return [$sum[0] + $this->places[$bolt][0], $sum[1] + $this->places[$bolt][1]];
    }

    /**
     * The tilt where so many bolts are done, whose places sum up to this.
     *
     * @param  array{float, float}  $sum
     */
    public function tilt(array $sum, int $done): float
    {
        return $this->largest > 0 ? hypot(...$sum) / $done / $this->largest : 0.0;
    }
}
