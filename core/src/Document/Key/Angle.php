<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;

/** An angle, in billionths of a degree once it is read. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Angle implements Key
{
    use MayLack;

    public function read(Fields $in, string $key): int|float
    {
        return $in->angle($key);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'quantity', 'x-dimension' => 'angle'];
    }
}
