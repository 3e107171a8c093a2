<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What somebody who adds a step may choose from. */
#[OA\Schema(schema: 'OwnStepChoices')]
final readonly class OwnStepChoicesShape
{
    /**
     * @param  list<string>  $kinds
     * @param  list<NeighbourShape>  $neighbours
     */
    public function __construct(
        #[OA\Property(description: 'what sort of act it may be', items: new OA\Items(type: 'string'))]
        public array $kinds,
        #[OA\Property(items: new OA\Items(ref: NeighbourShape::class))]
        public array $neighbours,
    ) {
    }
}
