<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** One ring of the set, from the crown down. */
final readonly class Ring
{
    public const KEYS = ['id', 'name', 'kind', 'mark', 'peg'];

    private function __construct(
        public string $id,
        public string $name,
        public RingKind $kind,
        public ?string $mark,
        public ?string $peg,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->text('id', 30), $fields->text('name', 60), $fields->choice('kind', RingKind::class), $fields->textOrNull('mark'), $fields->textOrNull('peg'));
    }
}
