<?php

namespace App\Http\Shapes;

/** Whether this tablet is one of the shop's, and who may take it over by a PIN. */
final readonly class BenchDoorShape
{
    /**
     * @param  string|null  $tablet  the tablet's name; null for one that is not the shop's
     * @param  list<PersonShape>  $people
     * @param  int  $locksAfter  seconds without a touch after which the tablet locks itself
     */
    public function __construct(
        public ?string $tablet,
        public array $people,
        public int $locksAfter,
    ) {
    }
}
