<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;

/** True, or false where nothing stands. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Flag implements NeverLacks
{
    use MayLack;

    public function read(Fields $in, string $key): bool
    {
        return $in->flag($key);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'boolean'];
    }
}
