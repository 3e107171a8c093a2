<?php

namespace App\Http\Shapes;

/** A piston size that was considered. */
final readonly class ConsideredShape
{
    public function __construct(
        public string $label,
        public bool $fits,
        public string $why,
    ) {
    }
}
