<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Every job on the floor, what can be worked first. */
#[OA\Schema(schema: 'Floor')]
final readonly class FloorShape
{
    /**
     * @param  list<FloorJobShape>  $jobs
     * @param  list<ComesBackShape>  $comesBack
     * @param  list<BenchShape>  $benches
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: FloorJobShape::class))]
        public array $jobs,
        #[OA\Property(description: 'machines that went out and are due to be looked at', items: new OA\Items(ref: ComesBackShape::class))]
        public array $comesBack,
        #[OA\Property]
        public string $today,
        #[OA\Property]
        public string $zone,
        #[OA\Property(description: 'what stands where', items: new OA\Items(ref: BenchShape::class))]
        public array $benches,
    ) {
    }
}
