<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** An arc where no gap may lie, degrees clockwise from the exhaust. */
#[OA\Schema(schema: 'KeepOff')]
final readonly class KeepOffShape
{
    public function __construct(
        #[OA\Property]
        public float $from,
        #[OA\Property]
        public float $to,
        #[OA\Property]
        public string $why,
    ) {
    }
}
