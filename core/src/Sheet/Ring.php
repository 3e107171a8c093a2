<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** One ring of the set, from the crown down. */
final readonly class Ring
{
    public const KEYS = ['id', 'name', 'kind', 'mark', 'peg', 'at'];

    /** @param  int|float|null  $at  where its peg or mark puts the gap, billionths of a degree clockwise from the exhaust */
    private function __construct(
        public string $id,
        public string $name,
        public RingKind $kind,
        public ?string $mark,
        public ?string $peg,
        public int|float|null $at,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('id', 30),
            $fields->text('name', 60),
            $fields->choice('kind', RingKind::class),
            $fields->textOrNull('mark'),
            $fields->textOrNull('peg'),
            $fields->has('at') ? $fields->angle('at') : null,
        );
    }
}
