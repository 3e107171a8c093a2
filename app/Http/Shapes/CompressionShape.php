<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Cranking compression of all, before and after. */
#[OA\Schema(schema: 'Compression')]
final readonly class CompressionShape
{
    /**
     * @param  list<CompressionRowShape>  $rows
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: CompressionRowShape::class))]
        public array $rows,
        #[OA\Property]
        public ?string $limit,
        #[OA\Property]
        public ?float $spreadBefore,
        #[OA\Property]
        public ?float $spreadAfter,
        #[OA\Property]
        public ?string $spreadState,
        #[OA\Property]
        public ?float $spreadAllowed,
        #[OA\Property]
        public ?string $hint,
    ) {
    }
}
