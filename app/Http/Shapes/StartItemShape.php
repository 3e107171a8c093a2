<?php

namespace App\Http\Shapes;

/** One thing of the first start. */
final readonly class StartItemShape
{
    public function __construct(
        public string $id,
        public string $text,
        public ?bool $right,
        public ?string $note,
        public ?string $by,
    ) {
    }
}
