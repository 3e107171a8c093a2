<?php

namespace App\Http\Shapes;

/** What was put in and must come out, or was dropped. */
final readonly class LedgerItemShape
{
    public function __construct(
        public string $what,
        public bool $dropped,
        public string $by,
        public string $at,
    ) {
    }
}
