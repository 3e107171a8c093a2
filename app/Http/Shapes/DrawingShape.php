<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What the engine is drawn from; lengths in millimetres. */
#[OA\Schema(schema: 'Drawing')]
final readonly class DrawingShape
{
    /**
     * @param  list<CylinderShape>  $cylinders
     * @param  list<RingShape>  $rings
     */
    public function __construct(
        #[OA\Property]
        public string $cycle,
        #[OA\Property]
        public string $form,
        #[OA\Property(description: 'between the banks of a V, in degrees')]
        public ?float $veeAngle,
        #[OA\Property]
        public string $cooling,
        #[OA\Property]
        public string $valveGear,
        #[OA\Property]
        public bool $exhaustValve,
        #[OA\Property]
        public bool $oneBlock,
        #[OA\Property]
        public float $bore,
        #[OA\Property]
        public float $stroke,
        #[OA\Property]
        public float $rod,
        #[OA\Property(description: 'whether the sheet states it, and it is not only drawn so')]
        public bool $rodIsStated,
        #[OA\Property]
        public float $barrelHeight,
        #[OA\Property]
        public float $pistonHeight,
        #[OA\Property]
        public float $gaugePoint,
        #[OA\Property(items: new OA\Items(ref: CylinderShape::class))]
        public array $cylinders,
        #[OA\Property(items: new OA\Items(ref: RingShape::class))]
        public array $rings,
    ) {
    }
}
