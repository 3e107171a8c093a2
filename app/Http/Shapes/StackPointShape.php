<?php

namespace App\Http\Shapes;

/** A point over the crown as it was read. */
final readonly class StackPointShape
{
    /**
     * @param  float|null  $figure  in millimetres; null where only one side of it is known
     */
    public function __construct(
        public string $at,
        public string $text,
        public ?float $figure,
    ) {
    }
}
