<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The plain shell that two marks ask for, and the assessment that proves it. */
#[OA\Schema(schema: 'ShellChoice')]
final readonly class ShellChoiceShape
{
    public function __construct(
        #[OA\Property]
        public string $proof,
        #[OA\Property]
        public ?int $code,
        #[OA\Property]
        public ?string $colour,
    ) {
    }
}
