<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What a cylinder does between two turns of the crank after the top at which it fires. */
#[OA\Schema(schema: 'TimingStroke')]
final readonly class TimingStrokeShape
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $from,
        #[OA\Property]
        public float $to,
    ) {
    }
}
