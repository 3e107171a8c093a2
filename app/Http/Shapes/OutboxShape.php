<?php

namespace App\Http\Shapes;

/** What waits on a tablet, as it said last. */
final readonly class OutboxShape
{
    public function __construct(
        public string $who,
        public int $waiting,
        public string $at,
    ) {
    }
}
