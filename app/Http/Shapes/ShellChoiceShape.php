<?php

namespace App\Http\Shapes;

/** The plain shell that two marks ask for, and the assessment that proves it. */
final readonly class ShellChoiceShape
{
    public function __construct(
        public string $proof,
        public ?int $code,
        public ?string $colour,
    ) {
    }
}
