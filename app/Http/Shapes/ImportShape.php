<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What a file of readings would enter, or why it cannot. */
#[OA\Schema(schema: 'Import')]
final readonly class ImportShape
{
    /**
     * @param  list<ImportRowShape>  $rows
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ImportRowShape::class))]
        public array $rows,
        #[OA\Property]
        public int $wrong,
        #[OA\Property]
        public bool $entered,
    ) {
    }
}
