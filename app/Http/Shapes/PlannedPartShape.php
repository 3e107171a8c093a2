<?php

namespace App\Http\Shapes;

use Moltrek\Core\Planning\ReuseClass;

/** A part that the job takes. */
final readonly class PlannedPartShape
{
    /**
     * @param  'needed'|'ordered'|'arrived'|'fitted'|'spent'  $state
     * @param  list<string>  $for
     * @param  bool  $wrong  it came and is not the right one
     * @param  ReuseClass|null  $reuse  one-use, reuse if, renewed although good, carried over; null where there is no rule
     * @param  string  $condition  the condition of its reuse, or why there is none
     * @param  int|null  $column  the column of a V that takes it
     */
    public function __construct(
        public string $part,
        public string $state,
        public ?string $promised,
        public array $for,
        public ?string $why,
        public bool $wrong,
        public ?ReuseClass $reuse,
        public string $condition,
        public bool $mayGoBack,
        public ?int $column,
    ) {
    }
}
