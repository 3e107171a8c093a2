<?php

namespace App\Http\Shapes;

/** One thing a hold asks, and who saw or waived it. */
final readonly class AskShape
{
    public function __construct(
        public int $item,
        public string $text,
        public ?string $by,
        public ?string $waived,
    ) {
    }
}
