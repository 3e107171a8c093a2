<?php

namespace App\Http\Shapes;

/** A line of a table of limits. */
final readonly class LimitRowShape
{
    /**
     * @param  string|null  $understood  null for a line that could not be read
     * @param  string|null  $refused  why it could not be
     */
    public function __construct(
        public int $line,
        public string $what,
        public string $figure,
        public ?string $understood,
        public ?string $refused,
    ) {
    }
}
