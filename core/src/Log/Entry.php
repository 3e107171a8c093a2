<?php

namespace Moltrek\Core\Log;

use DateTimeImmutable;
use stdClass;

/** One thing that happened, as the log keeps it for ever. The payload has been checked by its kind before it was stored. */
final readonly class Entry
{
    public function __construct(
        public string $id,
        public EntryKind $kind,
        public stdClass $payload,
        public DateTimeImmutable $at,
        public string $by,
    ) {
    }

    public function text(string $key): string
    {
        $value = $this->payload->{$key} ?? '';

        return is_string($value) ? $value : '';
    }
}
