<?php

namespace App\Http\Shapes;

/** Something that is looked at again. */
final readonly class RecheckShape
{
    public function __construct(
        public string $id,
        public string $what,
        public string $when,
        public ?string $due,
        public bool $done,
        public ?string $by,
    ) {
    }
}
