<?php

namespace App\Http\Shapes;

use Moltrek\Core\Measuring\EntryForm;

/** A measuring place of the engine. */
final readonly class SpotShape
{
    /**
     * @param  string  $sketch  the small drawing of how it is taken
     * @param  string  $label  the name of its place and quantity without the cylinder
     * @param  list<string>  $units  that it is typed in, the usual one first
     * @param  list<string>  $instruments
     * @param  string|null  $good  for a yes or no: the right answer
     * @param  string|null  $bad  for a yes or no: the wrong one
     * @param  string|null  $stale  what was read and no longer holds, and why
     * @param  string|null  $before  the first reading, where another followed
     */
    public function __construct(
        public string $id,
        public string $quantity,
        public EntryForm $form,
        public string $name,
        public string $hint,
        public string $sketch,
        public string $slab,
        public ?string $cylinder,
        public string $part,
        public ?float $depth,
        public ?float $expected,
        public string $group,
        public string $title,
        public string $label,
        public string $unit,
        public array $units,
        public string $instrument,
        public array $instruments,
        public bool $isExpected,
        public ?string $good,
        public ?string $bad,
        public ?string $stale,
        public ?string $before,
        public ?string $waitsFor,
        public ?ReadingShape $reading,
    ) {
    }
}
