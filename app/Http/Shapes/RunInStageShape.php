<?php

namespace App\Http\Shapes;

/** A stretch of running in. */
final readonly class RunInStageShape
{
    public function __construct(
        public string $until,
        public string $throttle,
        public ?string $note,
    ) {
    }
}
