<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Neighbouring work that may be put into a job: its steps, each as an entry "step_added" takes it. */
#[OA\Schema(schema: 'Neighbour')]
final readonly class NeighbourShape
{
    /** @param  list<array<string, mixed>>  $steps */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'whether its steps are in the plan already')]
        public bool $isIn,
        #[OA\Property(items: new OA\Items(required: ['id', 'name'], properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')], type: 'object'))]
        public array $steps,
    ) {
    }
}
