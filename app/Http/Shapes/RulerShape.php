<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The limit ruler to scale, in millimetres. */
#[OA\Schema(schema: 'Ruler')]
final readonly class RulerShape
{
    /**
     * @param  list<ZoneShape>  $zones
     * @param  list<MarkShape>  $marks
     * @param  list<WhiskerShape>  $whiskers
     */
    public function __construct(
        #[OA\Property]
        public float $from,
        #[OA\Property]
        public float $to,
        #[OA\Property(items: new OA\Items(ref: ZoneShape::class))]
        public array $zones,
        #[OA\Property(items: new OA\Items(ref: MarkShape::class))]
        public array $marks,
        #[OA\Property(items: new OA\Items(ref: WhiskerShape::class))]
        public array $whiskers,
    ) {
    }
}
