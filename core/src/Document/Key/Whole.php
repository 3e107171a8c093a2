<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;

/** A whole number from here to there. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Whole implements Key
{
    use MayLack;

    public function __construct(private int $least = 0, private int $most = PHP_INT_MAX)
    {
    }

    public function read(Fields $in, string $key): int
    {
        return $in->whole($key, $this->least, $this->most);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most];
    }
}
