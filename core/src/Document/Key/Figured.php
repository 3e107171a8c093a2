<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;

/** A figure of one dimension, nothing or more. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Figured implements Key
{
    use MayLack;

    public function __construct(private Dimension $dimension)
    {
    }

    public function read(Fields $in, string $key): ?Figure
    {
        return $in->figureOrNull($key, $this->dimension);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'quantity', 'x-dimension' => $this->dimension->value];
    }
}
