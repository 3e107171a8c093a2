<?php

namespace App\Http\Shapes;

/** The schedule of the shop. */
final readonly class DatesShape
{
    /**
     * @param  list<string>  $people
     * @param  list<int>  $closedWeekdays  on which the shop never opens, Sunday as 0
     * @param  list<DateJobShape>  $jobs
     * @param  list<ComesBackShape>  $comesBack
     */
    public function __construct(
        public string $start,
        public string $finish,
        public string $zone,
        public array $people,
        public array $closedWeekdays,
        public array $jobs,
        public array $comesBack,
        public string $calendar,
    ) {
    }
}
