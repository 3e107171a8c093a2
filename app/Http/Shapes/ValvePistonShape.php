<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A cylinder as it stands at one turn of the crank. */
#[OA\Schema(schema: 'ValvePiston')]
final readonly class ValvePistonShape
{
    /**
     * @param  list<string>  $open
     * @param  list<string>  $set
     */
    public function __construct(
        #[OA\Property]
        public string $cylinder,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'share of the stroke below the top')]
        public float $down,
        #[OA\Property]
        public string $stroke,
        #[OA\Property(description: 'sides whose valves are open', items: new OA\Items(type: 'string'))]
        public array $open,
        #[OA\Property(description: 'sides whose valves are to be set here', items: new OA\Items(type: 'string'))]
        public array $set,
    ) {
    }
}
