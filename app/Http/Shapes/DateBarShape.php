<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A stretch of one person's work on one job, or of a wait. */
#[OA\Schema(schema: 'DateBar')]
final readonly class DateBarShape
{
    public function __construct(
        #[OA\Property]
        public ?string $who,
        #[OA\Property]
        public string $start,
        #[OA\Property]
        public string $finish,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public bool $critical,
        #[OA\Property(description: 'the column of a V that is worked on')]
        public ?int $column,
        #[OA\Property(description: 'what that column is called')]
        public ?string $columnName,
    ) {
    }
}
