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
        #[OA\Property(description: 'how it lies, in words')]
        public string $lies,
        #[OA\Property]
        public ?string $note,
        #[OA\Property]
        public int $toDo,
        #[OA\Property(items: new OA\Items(ref: VerdictCountShape::class))]
        public array $verdicts,
        #[OA\Property(description: 'how many slabs lie under it')]
        public int $level,
        #[OA\Property(description: 'the bank of a V that it belongs to, from 0; null for what serves them all')]
        public ?int $column,
        #[OA\Property(description: 'whether it stands beside the columns')]
        public bool $beside,
    ) {
    }
}
