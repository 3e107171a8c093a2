<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;

/**
 * The instrument of a reading as it was on that day: its expanded doubt, the fixed part of it that every reading of this
 * instrument shares, and the leaves if it is a set of them.
 */
final readonly class Tool
{
    public const KEYS = ['id', 'name', 'kind', 'doubt', 'fixed', 'leaves', 'overdue'];

    /** @param  list<string>  $leaves as they are marked */
    public function __construct(
        public string $id,
        public string $name,
        public ?Figure $doubt,
        public ?Figure $fixed,
        public array $leaves = [],
        public string $kind = '',
        public bool $overdue = false,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('id', 60), $fields->text('name', 120),
            $fields->figureOrNull('doubt'), $fields->figureOrNull('fixed'),
            $fields->texts('leaves'),
            $fields->textOrNull('kind', 40) ?? '',
            $fields->flag('overdue'),
        );
    }

    /** How far it may be out when it reads this dimension, in base steps; nothing where it states nothing. */
    public function doubtIn(Dimension $dimension): int|float
    {
        return $this->doubt?->in($dimension) ?? 0;
    }

    public function fixedLength(): Length
    {
        return $this->fixed?->length() ?? Length::zero();
    }

    /** A leaf by its mark, read once: a log names the same set of thirty at every reading. */
    private static function leaf(string $mark): Leaf
    {
        /** @var array<string, Leaf> $known */
        static $known = [];

        return $known[$mark] ??= new Leaf(Length::of($mark), $mark);
    }

    /** @return list<Leaf> the leaves of the set */
    public function shelf(): array
    {
        return array_map(self::leaf(...), $this->leaves);
    }
}
