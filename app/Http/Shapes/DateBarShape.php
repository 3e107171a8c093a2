<?php

namespace App\Http\Shapes;

/** A stretch of one person's work on one job, or of a wait. */
final readonly class DateBarShape
{
    /**
     * @param  int|null  $column  the column of a V that is worked on
     * @param  string|null  $columnName  what that column is called
     */
    public function __construct(
        public ?string $who,
        public string $start,
        public string $finish,
        public string $text,
        public bool $critical,
        public ?int $column,
        public ?string $columnName,
    ) {
    }
}
