<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What lies on what, and how far it stands. */
#[OA\Schema(schema: 'JobStack')]
final readonly class JobStackShape
{
    /**
     * @param  list<SlabShape>  $slabs
     * @param  list<string>  $trays
     * @param  list<string>  $columns
     * @param  list<ActShape>  $acts
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: SlabShape::class))]
        public array $slabs,
        #[OA\Property]
        public ?string $togetherUpTo,
        #[OA\Property(description: 'slabs that have a bolt board', items: new OA\Items(type: 'string'))]
        public array $trays,
        #[OA\Property(description: 'the columns of a V by name; empty where there is one', items: new OA\Items(type: 'string'))]
        public array $columns,
        #[OA\Property(items: new OA\Items(ref: ActShape::class))]
        public array $acts,
    ) {
    }
}
