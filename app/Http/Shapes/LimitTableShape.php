<?php

namespace App\Http\Shapes;

/** What is understood of a table of limits, and what it would change. */
final readonly class LimitTableShape
{
    /**
     * @param  list<LimitRowShape>  $rows
     * @param  list<DifferenceShape>  $changes
     * @param  string|null  $refused  why the sheet could not be kept so
     */
    public function __construct(
        public array $rows,
        public array $changes,
        public ?string $refused,
    ) {
    }
}
