<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** An engine as far as it has been said: what is drawn of it while somebody answers. */
#[OA\Schema(schema: 'FirstSheet')]
final readonly class FirstSheetShape
{
    /**
     * @param  list<FloorSlabShape>  $slabs
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $description,
        #[OA\Property]
        public string $facts,
        #[OA\Property]
        public DrawingShape $drawing,
        #[OA\Property(items: new OA\Items(ref: FloorSlabShape::class))]
        public array $slabs,
        #[OA\Property(description: 'whether the spec book has one of this name')]
        public bool $known,
    ) {
    }
}
