<?php

namespace App\Http\Shapes;

/** One section of what a sheet says of timing, in lines. */
final readonly class SheetTimingShape
{
    /**
     * @param  list<string>  $lines
     */
    public function __construct(
        public string $title,
        public array $lines,
    ) {
    }
}
