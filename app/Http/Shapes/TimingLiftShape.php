<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** How far the valves of one side stand open, for drawings. */
#[OA\Schema(schema: 'TimingLift')]
final readonly class TimingLiftShape
{
    /** @param  list<float>  $lifts */
    public function __construct(
        #[OA\Property]
        public string $side,
        #[OA\Property(description: 'crank degrees after its cylinder fires')]
        public float $opens,
        #[OA\Property]
        public float $closes,
        #[OA\Property(description: 'millimetres')]
        public float $most,
        #[OA\Property(items: new OA\Items(type: 'number'), description: 'millimetres at every fourth degree of the two turns')]
        public array $lifts,
    ) {
    }
}
