<?php

namespace App\Http\Shapes;

/** What a substituted part changes. */
final readonly class ConsequenceShape
{
    public function __construct(
        public string $part,
        public string $text,
        public bool $isConfirmed,
        public bool $isWrong,
    ) {
    }
}
