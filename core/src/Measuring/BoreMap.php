<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/**
 * A bore read at several depths on several axes. Out-of-round at a depth = largest − smallest over its axes; taper on an
 * axis = largest − smallest over its depths. The smallest diameter decides whether it seizes, the largest whether it is worn.
 * Source: shop practice.
 */
final readonly class BoreMap
{
    /** @param  non-empty-list<BorePoint>  $points in the order read */
    private function __construct(public array $points)
    {
    }

    /**
     * @param  list<BorePoint>  $points
     *
     * @throws MalformedDocument without a reading
     * @throws ContradictoryFields when one place was read twice
     */
    public static function of(array $points): self
    {
        if ($points === []) {
            throw MalformedDocument::wrongSort([], 'at least one reading')->under('readings');
        }
        $seen = [];
        foreach ($points as $point) {
            $place = $point->depth->nanometres.'/'.$point->axis;
            if (isset($seen[$place])) {
                throw ContradictoryFields::excluded(
                    'readings',
                    $point->depth->written().' '.$point->axis,
                    'A place stands twice.',
                    'each depth and axis once',
                );
            }
            $seen[$place] = true;
        }

        return new self($points);
    }

    public function smallest(): BorePoint
    {
        return array_reduce(
            $this->points,
            static fn (BorePoint $least, BorePoint $point): BorePoint => $point->diameter()->isLessThan($least->diameter())
                ? $point : $least,
            $this->points[0],
        );
    }

    public function largest(): BorePoint
    {
        return array_reduce(
            $this->points,
            static fn (BorePoint $most, BorePoint $point): BorePoint => $most->diameter()->isLessThan($point->diameter()) ? $point : $most,
            $this->points[0],
        );
    }

    /** The mean of a whole map; a mean over a missing place would lie. */
    public function mean(): ?Length
    {
        return $this->missing() === [] ? Length::mean(...array_map(
            static fn (BorePoint $point): Length => $point->diameter(),
            $this->points,
        )) : null;
    }

    public function throughSetting(): bool
    {
        return array_filter($this->points, static fn (BorePoint $point): bool => $point->reading->isDeviation()) !== [];
    }

    /** @return list<array{depth: Length, value: Length}> where two axes or more were read */
    public function outOfRound(): array
    {
        $spreads = array_map(
            fn (Length $depth): array => [
                'depth' => $depth,
                'value' => $this->spread(static fn (BorePoint $point): bool => $point->depth->equals($depth)),
            ],
            $this->depths(),
        );

        return array_values(array_filter($spreads, static fn (array $spread): bool => $spread['value'] !== null));
    }

    /** @return list<array{axis: string, value: Length}> where two depths or more were read */
    public function taper(): array
    {
        $spreads = array_map(
            fn (string $axis): array => [
                'axis' => $axis,
                'value' => $this->spread(static fn (BorePoint $point): bool => $point->axis === $axis),
            ],
            $this->axes(),
        );

        return array_values(array_filter($spreads, static fn (array $spread): bool => $spread['value'] !== null));
    }

    public function worstOutOfRound(): ?Length
    {
        return self::worst(array_column($this->outOfRound(), 'value'));
    }

    public function worstTaper(): ?Length
    {
        return self::worst(array_column($this->taper(), 'value'));
    }

    /** @return list<array{depth: Length, axis: string}> every depth seen on every axis seen that has no reading */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->depths() as $depth) {
            foreach ($this->axes() as $axis) {
                if (array_filter(
                    $this->points,
                    static fn (BorePoint $point): bool => $point->axis === $axis && $point->depth->equals($depth),
                ) === []) {
                    $missing[] = ['depth' => $depth, 'axis' => $axis];
                }
            }
        }

        return $missing;
    }

    /** @return list<Length> in the order first seen */
    public function depths(): array
    {
        $depths = [];
        foreach ($this->points as $point) {
            $depths[(string) $point->depth->nanometres] ??= $point->depth;
        }

        return array_values($depths);
    }

    /** @return list<string> in the order first seen */
    public function axes(): array
    {
        return array_values(array_unique(array_map(static fn (BorePoint $point): string => $point->axis, $this->points)));
    }

    /** @param  callable(BorePoint): bool  $belongs */
    private function spread(callable $belongs): ?Length
    {
        $diameters = array_values(array_map(
            static fn (BorePoint $point): Length => $point->diameter(),
            array_filter($this->points, $belongs),
        ));

        return count($diameters) < 2 ? null : Length::largest(...$diameters)->minus(Length::smallest(...$diameters));
    }

    /** @param  list<Length>  $values */
    private static function worst(array $values): ?Length
    {
        return $values === [] ? null : Length::largest(...$values);
    }
}
