<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What lies under the fasteners, seen from above, in millimetres. */
#[OA\Schema(schema: 'TorquePlace')]
final readonly class TorquePlaceShape
{
    /**
     * @param  list<TorqueBoreShape>  $bores
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: TorqueBoreShape::class))]
        public array $bores,
        #[OA\Property]
        public ?TorqueSlotShape $chain,
        #[OA\Property]
        public bool $isHead,
    ) {
    }
}
