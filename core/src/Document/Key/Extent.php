<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;
use Moltrek\Core\Quantity\Length;

/** A length of nothing or more. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Extent implements Key
{
    use MayLack;

    public function read(Fields $in, string $key): Length
    {
        return $in->length($key);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'quantity', 'x-dimension' => 'length'];
    }
}
