<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A code by which a person sets a password, said once. */
#[OA\Schema(schema: 'BeginnersCode')]
final readonly class CodeShape
{
    public function __construct(
        #[OA\Property]
        public string $username,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $code,
        #[OA\Property(description: 'the page on which it is used')]
        public string $path,
        #[OA\Property(format: 'date-time')]
        public string $until,
    ) {
    }
}
