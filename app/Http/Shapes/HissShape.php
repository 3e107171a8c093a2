<?php

namespace App\Http\Shapes;

use Moltrek\Core\Log\Closing\Hiss;

/** Where air is heard, and what it means. */
final readonly class HissShape
{
    public function __construct(
        public Hiss $where,
        public string $means,
    ) {
    }
}
