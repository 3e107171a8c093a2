<?php

namespace App\Http\Shapes;

/** One line of a file of readings. */
final readonly class ImportRowShape
{
    /**
     * @param  string|null  $column  the column that is wrong
     */
    public function __construct(
        public int $line,
        public string $place,
        public string $reading,
        public ?string $column,
        public ?string $error,
    ) {
    }
}
