<?php

namespace App\Http\Shapes;

/** What is understood of a table, line by line. */
final readonly class TableShape
{
    /**
     * @param  list<LimitRowShape>  $rows
     * @param  bool  $kept  it was entered
     */
    public function __construct(
        public array $rows,
        public bool $kept,
    ) {
    }
}
