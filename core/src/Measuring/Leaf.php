<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** A feeler leaf on the shelf: its thickness, and how it is marked. */
final readonly class Leaf
{
    public function __construct(public Length $thickness, public string $text)
    {
    }

    /** @return list<self> */
    public static function readAll(Fields $fields, string $key): array
    {
        if (! $fields->has($key)) {
            return [];
        }

        return array_map(
            static fn (Fields $item): self => new self($item->size($item->keys()[0]), $item->text($item->keys()[0])),
            $fields->items($key),
        );
    }
}
