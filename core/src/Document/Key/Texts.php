<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;

/** A list of texts. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Texts implements NeverLacks
{
    use MayLack;

    /** @return list<string> */
    public function read(Fields $in, string $key): array
    {
        return $in->texts($key);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'array', 'items' => ['type' => 'string']];
    }
}
