<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;

/** What its own class reads in a way of its own: said here only to who sends it. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Odd implements Key
{
    use MayLack;

    /** @param  array<string, mixed>  $schema */
    public function __construct(private array $schema)
    {
    }

    public function read(Fields $in, string $key): mixed
    {
        return $in->raw($key);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return $this->schema;
    }
}
