<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What comes off a stem. */
#[OA\Schema(schema: 'ValveGrind')]
final readonly class ValveGrindShape
{
    public function __construct(
        #[OA\Property]
        public string $atLeast,
        #[OA\Property]
        public string $atMost,
        #[OA\Property]
        public string $aim,
    ) {
    }
}
