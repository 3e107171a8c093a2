<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** One valve of one cylinder. */
final readonly class Valve
{
    public const KEYS = ['id', 'name', 'cylinder', 'side'];

    private function __construct(public string $id, public string $name, public string $cylinder, public ValveSide $side)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('id', 20),
            $fields->text('name', 60),
            $fields->text('cylinder', 20),
            $fields->choice('side', ValveSide::class),
        );
    }
}
