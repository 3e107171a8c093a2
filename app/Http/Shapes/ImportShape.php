<?php

namespace App\Http\Shapes;

/** What a file of readings would enter, or why it cannot. */
final readonly class ImportShape
{
    /**
     * @param  list<ImportRowShape>  $rows
     */
    public function __construct(
        public array $rows,
        public int $wrong,
        public bool $entered,
    ) {
    }
}
