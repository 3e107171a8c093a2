<?php

namespace Moltrek\Core\Judgement;

use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;

/**
 * What a figure is judged against, in base steps of its dimension: an as-new range with either end missing, and service
 * limits past it. The range and the service limits may come from different sources.
 *
 * Of those given, service min ≤ min ≤ max ≤ service max.
 */
final readonly class Limit
{
    /** @param  array<string, string|null>  $borrowed  who states an end that the source of the others does not, by its name */
    private function __construct(
        public Dimension $dimension,
        public int|float|null $min,
        public int|float|null $max,
        public int|float|null $serviceMin,
        public int|float|null $serviceMax,
        public ?string $source,
        public ?string $serviceSource,
        private array $borrowed = [],
    ) {
    }

    /**
     * @param  array{min?: string, max?: string}  $names  what the ends are called where they were typed
     *
     * @throws ContradictoryFields when two ends have crossed
     */
    public static function between(
        Dimension $dimension,
        int|float|null $min,
        int|float|null $max,
        int|float|null $serviceMin = null,
        int|float|null $serviceMax = null,
        ?string $source = null,
        ?string $serviceSource = null,
        array $names = [],
    ): self {
        $ends = ['min' => $min, 'max' => $max, 'service_min' => $serviceMin, 'service_max' => $serviceMax];
        $inOrder = [
            ['min', 'max'],
            ['min', 'service_max'],
            ['max', 'service_max'],
            ['service_min', 'min'],
            ['service_min', 'max'],
            ['service_min', 'service_max'],
        ];
        foreach ($inOrder as [$lower, $upper]) {
            if ($ends[$lower] !== null && $ends[$upper] !== null && $ends[$lower] > $ends[$upper]) {
                throw ContradictoryFields::crossed(
                    $names[$lower] ?? $lower,
                    $dimension->written($ends[$lower]),
                    $names[$upper] ?? $upper,
                    $dimension->written($ends[$upper]),
                );
            }
        }

        return new self($dimension, $min, $max, $serviceMin, $serviceMax, $source, $serviceSource);
    }

    /** Nothing can be said: an empty limit, or a nominal figure without a tolerance. */
    public static function undecided(Dimension $dimension): self
    {
        return new self($dimension, null, null, null, null, null, null);
    }

    /** The same limit, its range and its service limits both stated by this source. */
    public function from(string $source): self
    {
        $service = $this->serviceMin !== null || $this->serviceMax !== null;

        return new self(
            $this->dimension,
            $this->min,
            $this->max,
            $this->serviceMin,
            $this->serviceMax,
            $source,
            $service ? $source : null,
        );
    }

    /** Whether it states an as-new range, be it one-sided. */
    public function hasRange(): bool
    {
        return $this->min !== null || $this->max !== null;
    }

    public function hasService(): bool
    {
        return $this->serviceMin !== null || $this->serviceMax !== null;
    }

    /**
     * The as-new range of this limit with the service limits of another. Where they cross, the service limit of the other
     * gives way: a range that rules cannot be narrowed by somebody else's wear limit.
     */
    public function withServiceOf(self $other): self
    {
        $bottom = $this->min ?? $this->max;
        $top = $this->max ?? $this->min;
        $serviceMin = $other->serviceMin !== null && $bottom !== null ? min($other->serviceMin, $bottom) : $other->serviceMin;
        $serviceMax = $other->serviceMax !== null && $top !== null ? max($other->serviceMax, $top) : $other->serviceMax;

        return new self($this->dimension, $this->min, $this->max, $serviceMin, $serviceMax, $this->source, $other->serviceSource,
            array_diff_key($this->borrowed, ['service_min' => 1, 'service_max' => 1]) + array_diff_key($other->borrowed,
                ['min' => 1, 'max' => 1]));
    }

    /**
     * This limit with the ends it does not state taken from another that states them. An end that would cross those of this
     * limit is left missing.
     */
    public function withMissingEndsOf(self $other): self
    {
        $crosses = static fn (int|float|null $lower, int|float|null $upper): bool => $lower !== null && $upper !== null && $lower > $upper;
        $ends = ['min' => $this->min, 'max' => $this->max, 'service_min' => $this->serviceMin, 'service_max' => $this->serviceMax];
        $theirs = ['min' => $other->min, 'max' => $other->max, 'service_min' => $other->serviceMin, 'service_max' => $other->serviceMax];
        $borrowed = $this->borrowed;
        foreach ($ends as $name => $end) {
            $try = [...$ends, $name => $theirs[$name]];
            if ($end === null && $theirs[$name] !== null
                && ! $crosses($try['service_min'], $try['min']) && ! $crosses($try['service_min'], $try['max'])
                && ! $crosses($try['min'], $try['max']) && ! $crosses($try['min'], $try['service_max'])
                && ! $crosses($try['max'], $try['service_max']) && ! $crosses($try['service_min'], $try['service_max'])) {
                $ends = $try;
                $borrowed[$name] = $other->sourceOf($name);
            }
        }

        return new self($this->dimension, $ends['min'], $ends['max'], $ends['service_min'], $ends['service_max'],
            $this->source, $this->serviceSource, $borrowed);
    }

    /** Who states an end. */
    private function sourceOf(string $end): ?string
    {
        return $this->borrowed[$end] ?? (str_starts_with($end, 'service') ? $this->serviceSource : $this->source);
    }

    /** @return list<End> from the tightest up: service min, min, max, service max */
    public function ends(): array
    {
        return array_values(array_filter(
            [$this->endAt('service_min'), $this->endAt('min'), $this->endAt('max'), $this->endAt('service_max')]));
    }

    /** The end that is crossed on a side where this zone begins: of what is worn the as-new one, of what is out the last one. */
    public function crossedInto(Zone $zone, Side $side): ?End
    {
        [$asNew, $service] = $side === Side::High ? ['max', 'service_max'] : ['min', 'service_min'];

        return match ($zone) {
            Zone::Within => null,
            Zone::Worn => $this->endAt($asNew) ?? $this->endAt($service),
            Zone::Out => $this->endAt($service) ?? $this->endAt($asNew),
        };
    }

    private function endAt(string $name): ?End
    {
        $at = match ($name) {
            'min' => $this->min, 'max' => $this->max, 'service_min' => $this->serviceMin, default => $this->serviceMax,
        };

        return $at === null ? null : new End($at, str_starts_with($name, 'service'), $this->sourceOf($name));
    }

    public function decides(): bool
    {
        return $this->hasRange() || $this->hasService();
    }

    /** The zone of a figure, and the side it leaves by; a boundary belongs to the better zone. */
    public function zoneOf(int|float $figure): Zone
    {
        return Zone::worse($this->zoneBelow($figure, true), $this->zoneAbove($figure));
    }

    /** How far down an end lies: judged against the low limits only. An excluded end never reaches its own figure. */
    public function zoneBelow(int|float $figure, bool $reached): Zone
    {
        return match (true) {
            self::inside($this->min ?? $this->serviceMin, $figure, $reached) => Zone::Within,
            $this->serviceMin !== null && self::inside($this->serviceMin, $figure, $reached) => Zone::Worn,
            default => Zone::Out,
        };
    }

    /** How far up an end lies; an open end (null) lies past every limit on that side. */
    public function zoneAbove(int|float|null $figure): Zone
    {
        $range = $this->max ?? $this->serviceMax;

        return match (true) {
            $range === null => Zone::Within,
            $figure !== null && $figure <= $range => Zone::Within,
            $this->serviceMax !== null && $figure !== null && $figure <= $this->serviceMax => Zone::Worn,
            default => Zone::Out,
        };
    }

    /** Room left to the as-new ends, or to the service ends where there is no as-new end at all; null without any. */
    public function margin(int|float $low, int|float $high): int|float|null
    {
        $asNew = $this->min !== null || $this->max !== null;
        $min = $asNew ? $this->min : $this->serviceMin;
        $max = $asNew ? $this->max : $this->serviceMax;
        $rooms = array_filter(
            [$min === null ? null : $low - $min, $max === null ? null : $max - $high],
            static fn (int|float|null $room): bool => $room !== null,
        );

        return $rooms === [] ? null : min($rooms);
    }

    /** The one side that room is counted to; null where both ends count, or none. */
    public function sideOfMargin(): ?Side
    {
        [$min, $max] = $this->hasRange() ? [$this->min, $this->max] : [$this->serviceMin, $this->serviceMax];

        return match (true) {
            ($min === null) === ($max === null) => null,
            default => $max === null ? Side::Low : Side::High,
        };
    }

    /** @return array<string, mixed> the ends as quantities with their sources */
    public function toArray(): array
    {
        $end = fn (int|float|null $figure): ?array => $figure === null ? null : $this->dimension->quantity($figure);

        return [
            'min' => $end($this->min), 'max' => $end($this->max),
            'service_min' => $end($this->serviceMin), 'service_max' => $end($this->serviceMax),
            'source' => $this->source, 'service_source' => $this->serviceSource,
        ];
    }

    private static function inside(int|float|null $limit, int|float $figure, bool $reached): bool
    {
        return $limit === null || $figure > $limit || ($reached && $figure == $limit);
    }
}
