<?php

namespace App\Http\Shapes;

/** When a job will be done, and what keeps it. */
final readonly class DateJobShape
{
    /**
     * @param  list<DateBarShape>  $bars
     * @param  list<DatePartShape>  $parts
     * @param  list<NeedShape>  $needs
     */
    public function __construct(
        public int $number,
        public string $title,
        public string $finish,
        public ?string $promised,
        public ?int $daysLate,
        public array $bars,
        public array $parts,
        public array $needs,
    ) {
    }
}
