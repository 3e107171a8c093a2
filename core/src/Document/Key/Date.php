<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;
use Moltrek\Core\Quantity\Day;

/** A day of the calendar; an empty text is none. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Date implements Key
{
    use MayLack;

    public function read(Fields $in, string $key): ?Day
    {
        return $in->dayOrNull($key);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'date'];
    }
}
