<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Why something typed cannot be used. */
#[OA\Schema(schema: 'Refusal')]
final readonly class RefusalShape
{
    public function __construct(
        #[OA\Property]
        public string $field,
        #[OA\Property]
        public string $message,
        #[OA\Property]
        public string $read,
        #[OA\Property]
        public string $allowed,
    ) {
    }
}
