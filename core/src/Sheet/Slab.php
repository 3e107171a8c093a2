<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** One layer of the top end. */
final readonly class Slab
{
    private function __construct(public string $id, public string $name, public SlabKind $kind, public ?string $note)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('id', 60),
            $fields->text('name', 120),
            $fields->choice('drawn_as', SlabKind::class),
            $fields->textOrNull('note'),
        );
    }

    public const KEYS = ['id', 'name', 'drawn_as', 'note'];
}
