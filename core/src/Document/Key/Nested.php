<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;
use Moltrek\Core\Document\Stating;

/** A document within the document. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Nested implements Key
{
    use MayLack;

    /** @param  class-string<Stating>  $of */
    public function __construct(private string $of)
    {
    }

    public function read(Fields $in, string $key): object
    {
        return $this->of::read($in->object($key, ...$this->of::payload()->names()));
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['x-document' => $this->of];
    }
}
