<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Parts on order, parts that the work spends, and where each part was at home. */
#[OA\Schema(schema: 'JobParts')]
final readonly class JobPartsShape
{
    /**
     * @param  list<PartShape>  $orders
     * @param  list<PlannedPartShape>  $planned
     * @param  list<HomePartShape>  $home
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: PartShape::class))]
        public array $orders,
        #[OA\Property(items: new OA\Items(ref: PlannedPartShape::class))]
        public array $planned,
        #[OA\Property(items: new OA\Items(ref: HomePartShape::class))]
        public array $home,
    ) {
    }
}
