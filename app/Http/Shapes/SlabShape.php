<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A layer of the top end. */
#[OA\Schema(schema: 'Slab')]
final readonly class SlabShape
{
    /**
     * @param  list<VerdictCountShape>  $verdicts
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $drawnAs,
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public ?string $note,
        #[OA\Property]
        public int $toDo,
        #[OA\Property(items: new OA\Items(ref: VerdictCountShape::class))]
        public array $verdicts,
    ) {
    }
}
