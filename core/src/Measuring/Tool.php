<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
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
        public Length $doubt,
        public Length $fixed,
        public array $leaves = [],
        public string $kind = '',
        public bool $overdue = false,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('id', 60), $fields->text('name', 120),
            $fields->lengthOrNull('doubt') ?? Length::zero(),
            $fields->lengthOrNull('fixed') ?? Length::zero(),
            $fields->texts('leaves'),
            $fields->textOrNull('kind', 40) ?? '',
            $fields->flag('overdue'),
        );
    }
}
