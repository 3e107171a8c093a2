<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;

/** The id of a photograph that was sent before. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Photograph implements Key
{
    use MayLack;

    public function read(Fields $in, string $key): ?string
    {
        return $in->uuidOrNull($key, 'the id of a photograph');
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'uuid'];
    }
}
