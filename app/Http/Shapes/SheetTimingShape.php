<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One section of what a sheet says of timing, in lines. */
#[OA\Schema(schema: 'SheetTiming')]
final readonly class SheetTimingShape
{
    /** @param  list<string>  $lines */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $lines,
    ) {
    }
}
