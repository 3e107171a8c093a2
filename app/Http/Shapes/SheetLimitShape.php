<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One quantity at one kind of place, its sources side by side. */
#[OA\Schema(schema: 'SheetLimit')]
final readonly class SheetLimitShape
{
    /** @param  list<SourceShape>  $sources */
    public function __construct(
        #[OA\Property]
        public string $quantity,
        #[OA\Property]
        public string $of,
        #[OA\Property(items: new OA\Items(ref: SourceShape::class))]
        public array $sources,
    ) {
    }
}
