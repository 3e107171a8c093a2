<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Where the ring gaps of a cylinder are, as placed or as the sheet's pegs have them; degrees clockwise from the exhaust. */
#[OA\Schema(schema: 'GapPlace')]
final readonly class GapPlaceShape
{
    /**
     * @param  list<GapAngleShape>  $angles
     * @param  list<KeepOffShape>  $keepOff
     */
    public function __construct(
        #[OA\Property]
        public string $cylinder,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $school,
        #[OA\Property]
        public bool $isPlaced,
        #[OA\Property(items: new OA\Items(ref: GapAngleShape::class))]
        public array $angles,
        #[OA\Property(items: new OA\Items(ref: KeepOffShape::class))]
        public array $keepOff,
    ) {
    }
}
