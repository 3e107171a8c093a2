<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A turn of the crank at which valves are set. */
#[OA\Schema(schema: 'ValvePosition')]
final readonly class ValvePositionShape
{
    /**
     * @param  list<string>  $valves
     * @param  list<ValvePistonShape>  $pistons
     */
    public function __construct(
        #[OA\Property(description: 'degrees of the two turns')]
        public float $crank,
        #[OA\Property]
        public bool $onMark,
        #[OA\Property]
        public string $name,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $valves,
        #[OA\Property]
        public bool $done,
        #[OA\Property(items: new OA\Items(ref: ValvePistonShape::class))]
        public array $pistons,
    ) {
    }
}
