<?php

namespace App\Http\Shapes;

/** A fastener owed its torque. */
final readonly class DebtShape
{
    public function __construct(
        public string $what,
        public string $reason,
        public string $release,
        public string $by,
    ) {
    }
}
