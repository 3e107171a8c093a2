<?php

namespace App\Http\Shapes;

/** How a tight gap is opened, in millimetres. */
final readonly class FilingShape
{
    /**
     * @param  list<float>  $bites  what to take off before each trial
     * @param  string|null  $leaf  the leaf that must pass in the end
     */
    public function __construct(
        public string $text,
        public array $bites,
        public ?string $leaf,
    ) {
    }
}
