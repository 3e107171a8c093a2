<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What is understood of a table, line by line. */
#[OA\Schema(schema: 'Table')]
final readonly class TableShape
{
    /** @param  list<LimitRowShape>  $rows */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: LimitRowShape::class))]
        public array $rows,
        #[OA\Property(description: 'it was entered')]
        public bool $kept,
    ) {
    }
}
