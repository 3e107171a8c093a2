<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A stretch of the limit ruler, in millimetres. */
#[OA\Schema(schema: 'Zone')]
final readonly class ZoneShape
{
    public function __construct(
        #[OA\Property]
        public float $from,
        #[OA\Property]
        public float $to,
        #[OA\Property]
        public string $zone,
        #[OA\Property]
        public ?string $side,
    ) {
    }
}
