<?php

namespace App\Http\Shapes;

/** The one next thing. */
final readonly class NextShape
{
    public function __construct(
        public string $kind,
        public ?string $id,
        public ?string $slab,
        public string $text,
        public string $why,
        public bool $canBeWorked,
    ) {
    }
}
