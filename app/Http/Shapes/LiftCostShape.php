<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What it costs to reach a slab. */
#[OA\Schema(schema: 'LiftCost')]
final readonly class LiftCostShape
{
    /**
     * @param  list<string>  $comesOff
     * @param  list<LiftItemShape>  $spent
     * @param  list<LiftItemShape>  $void
     * @param  list<LiftItemShape>  $stale
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $comesOff,
        #[OA\Property(items: new OA\Items(ref: LiftItemShape::class))]
        public array $spent,
        #[OA\Property(items: new OA\Items(ref: LiftItemShape::class))]
        public array $void,
        #[OA\Property(items: new OA\Items(ref: LiftItemShape::class))]
        public array $stale,
        #[OA\Property]
        public int $minutes,
    ) {
    }
}
