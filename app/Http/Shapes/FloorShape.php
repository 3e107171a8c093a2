<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Every job on the floor, what can be worked first. */
#[OA\Schema(schema: 'Floor')]
final readonly class FloorShape
{
    /**
     * @param  list<FloorJobShape>  $jobs
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: FloorJobShape::class))]
        public array $jobs,
        #[OA\Property]
        public string $today,
        #[OA\Property]
        public string $zone,
    ) {
    }
}
