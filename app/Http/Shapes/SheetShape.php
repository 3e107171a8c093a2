<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** An engine sheet in the spec book. */
#[OA\Schema(schema: 'Sheet')]
final readonly class SheetShape
{
    /**
     * @param  list<SheetVersionShape>  $versions
     * @param  list<SheetLimitShape>  $limits
     * @param  list<ConsequenceShape>  $consequences
     * @param  list<ErrandShape>  $errands
     * @param  list<SheetSlabShape>  $slabs
     * @param  list<SheetTimingShape>  $timing
     */
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $description,
        #[OA\Property]
        public string $facts,
        #[OA\Property]
        public int $version,
        #[OA\Property(items: new OA\Items(ref: SheetVersionShape::class))]
        public array $versions,
        #[OA\Property(items: new OA\Items(ref: SheetLimitShape::class))]
        public array $limits,
        #[OA\Property(items: new OA\Items(ref: ConsequenceShape::class))]
        public array $consequences,
        #[OA\Property(description: 'what an engine of this kind can be brought for', items: new OA\Items(ref: ErrandShape::class))]
        public array $errands,
        #[OA\Property(description: 'what can come off it, from the top', items: new OA\Items(ref: SheetSlabShape::class))]
        public array $slabs,
        #[OA\Property(description: 'the document as it can be edited')]
        public string $document,
        #[OA\Property(items: new OA\Items(ref: SheetTimingShape::class))]
        public array $timing,
    ) {
    }
}
