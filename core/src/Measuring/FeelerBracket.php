<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/**
 * What feeler leaves say of a gap: the thickest that passes is a lower bound, the thinnest that refuses an upper one that
 * the gap does not reach, one that drags is about the gap itself. With no refusing leaf the gap is open upwards, unless
 * one dragged: then it is less than the next thicker leaf of the set.
 */
final readonly class FeelerBracket
{
    public const KEYS = ['passes', 'drags', 'refuses'];

    private function __construct(
        public ?Length $passes,
        public ?Length $drags,
        public ?Length $refuses,
        public Length $low,
        public ?Length $high,
    ) {
    }

    /**
     * @param  list<Length>  $leaves  the leaves of the set, in any order
     *
     * @throws MalformedDocument|ContradictoryFields
     */
    public static function of(?Length $passes, ?Length $drags, ?Length $refuses, array $leaves = []): self
    {
        if ($passes === null && $drags === null && $refuses === null) {
            throw MalformedDocument::missing('passes', 'at least one leaf: passes, drags or refuses');
        }
        foreach ([
            ['passes', $passes, 'drags', $drags],
            ['passes', $passes, 'refuses', $refuses],
            ['drags', $drags, 'refuses', $refuses],
        ] as [$thinner, $thin, $thicker, $thick]) {
            if ($thin !== null && $thick !== null && ! $thin->isLessThan($thick)) {
                throw ContradictoryFields::leaves($thinner, $thin->written(), $thicker, $thick->written());
            }
        }
        $high = $refuses ?? ($drags === null ? null : self::nextThicker($drags, $leaves));

        return new self($passes, $drags, $refuses, $drags ?? $passes ?? Length::zero(), $high);
    }

    /** @param  list<Length>  $leaves */
    public static function read(Fields $fields, array $leaves = []): self
    {
        [$passes, $drags, $refuses] = array_map($fields->sizeOrNull(...), self::KEYS);

        return $fields->placing(static fn (): self => self::of($passes, $drags, $refuses, $leaves));
    }

    /** Whether a leaf has said how wide it is at the least: the thinnest that refuses says nothing of it. */
    public function hasLow(): bool
    {
        return $this->passes !== null || $this->drags !== null;
    }

    public function interval(): Interval
    {
        return Interval::bracket($this->low->nanometres, $this->high?->nanometres, $this->drags?->nanometres);
    }

    /** @return array{low: array{value: float, unit: string}, high: array{value: float, unit: string}|null} */
    public function toArray(): array
    {
        return ['low' => $this->low->quantity(), 'high' => $this->high?->quantity()];
    }

    /** For a sentence: "0.20 passes, 0.25 refuses". */
    public function written(): string
    {
        return implode(', ', array_filter([
            $this->passes === null ? null : $this->passes->written().' passes',
            $this->drags === null ? null : $this->drags->written().' drags',
            $this->refuses === null ? null : $this->refuses->written().' refuses',
        ]));
    }

    /** @param  list<Length>  $leaves */
    private static function nextThicker(Length $than, array $leaves): ?Length
    {
        $thicker = array_values(array_filter($leaves, static fn (Length $leaf): bool => $than->isLessThan($leaf)));

        return $thicker === [] ? null : Length::smallest(...$thicker);
    }
}
