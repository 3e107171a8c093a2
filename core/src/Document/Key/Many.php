<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Stating;

/** A list of documents of one sort, empty where none stands. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Many implements NeverLacks
{
    use MayLack;

    /** @param  class-string<Stating>  $of */
    public function __construct(private string $of)
    {
    }

    /** @return list<object> */
    public function read(Fields $in, string $key): array
    {
        $of = $this->of;

        return array_map(static fn (Fields $item): object => $of::read($item), $in->objects($key, ...$of::payload()->names()));
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'array', 'items' => ['x-document' => $this->of]];
    }
}
