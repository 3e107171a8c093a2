<?php

namespace App\Http\Shapes;

/** What stands at a measuring place, as it was typed. */
final readonly class ReadingShape
{
    /**
     * @param  string  $shown  what is shown large
     */
    public function __construct(
        public string $entry,
        public string $text,
        public ?float $millimetres,
        public ?string $figure,
        public ?string $setting,
        public ?string $deviation,
        public ?string $passes,
        public ?string $drags,
        public ?string $refuses,
        public string $shown,
        public ?string $hole,
        public ?string $shaft,
        public ?string $answer,
        public ?string $atLeast,
        public string $at,
        public string $by,
        public ?string $tool,
        public ?string $setWith,
    ) {
    }
}
