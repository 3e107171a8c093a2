<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Whether this tablet is one of the shop's, and who may take it over by a PIN. */
#[OA\Schema(schema: 'BenchDoor')]
final readonly class BenchDoorShape
{
    /** @param  list<PersonShape>  $people */
    public function __construct(
        #[OA\Property(description: 'the tablet\'s name; null for one that is not the shop\'s')]
        public ?string $tablet,
        #[OA\Property(items: new OA\Items(ref: PersonShape::class))]
        public array $people,
        #[OA\Property(description: 'seconds without a touch after which the tablet locks itself')]
        public int $locksAfter,
    ) {
    }
}
