<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What a substituted part changes. */
#[OA\Schema(schema: 'Consequence')]
final readonly class ConsequenceShape
{
    public function __construct(
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public bool $isConfirmed,
        #[OA\Property]
        public bool $isWrong,
    ) {
    }
}
