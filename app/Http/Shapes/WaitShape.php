<?php

namespace App\Http\Shapes;

/** A wait that is running. */
final readonly class WaitShape
{
    public function __construct(
        public string $id,
        public string $name,
        public string $since,
        public string $due,
        public ?string $seen,
    ) {
    }
}
