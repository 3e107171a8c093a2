<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** The crank: its bearings and journals, and how it is turned by hand. */
final readonly class Crank
{
    public const KEYS = ['bearings', 'mains', 'turned_by', 'direction', 'turning_back', 'rods'];

    /** @param  list<string>  $mains names of the main journals */
    private function __construct(
        public bool $plain,
        public array $mains,
        public ?string $turnedBy,
        public ?string $direction,
        public ?string $turningBack,
        public ?bool $splitRods,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('bearings', 20) === 'plain',
            $fields->texts('mains'),
            $fields->textOrNull('turned_by', 80),
            $fields->textOrNull('direction', 120),
            $fields->textOrNull('turning_back', 120),
            $fields->has('rods') ? $fields->word('rods', 'whole', 'split') === 'split' : null,
        );
    }
}
