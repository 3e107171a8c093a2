<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;

/** A plain number of more than zero. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Number implements Key
{
    use MayLack;

    public function read(Fields $in, string $key): float
    {
        return $in->number($key);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'number', 'exclusiveMinimum' => 0];
    }
}
