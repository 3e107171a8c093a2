<?php

namespace App\Http\Shapes;

/** The day that a job is promised for. */
final readonly class PromiseShape
{
    public function __construct(
        public ?string $day,
        public ?string $inWords,
        public bool $late,
    ) {
    }
}
