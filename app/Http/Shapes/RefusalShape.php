<?php

namespace App\Http\Shapes;

/** Why something typed cannot be used. */
final readonly class RefusalShape
{
    public function __construct(
        public string $field,
        public string $message,
        public string $read,
        public string $allowed,
    ) {
    }
}
