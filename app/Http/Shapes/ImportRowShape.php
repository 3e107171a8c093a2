<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One line of a file of readings. */
#[OA\Schema(schema: 'ImportRow')]
final readonly class ImportRowShape
{
    public function __construct(
        #[OA\Property]
        public int $line,
        #[OA\Property]
        public string $place,
        #[OA\Property]
        public string $reading,
        #[OA\Property(description: 'the column that is wrong')]
        public ?string $column,
        #[OA\Property]
        public ?string $error,
    ) {
    }
}
