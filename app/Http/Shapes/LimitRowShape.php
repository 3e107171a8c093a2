<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A line of a table of limits. */
#[OA\Schema(schema: 'LimitRow')]
final readonly class LimitRowShape
{
    public function __construct(
        #[OA\Property]
        public int $line,
        #[OA\Property]
        public string $what,
        #[OA\Property]
        public string $figure,
        #[OA\Property(description: 'null for a line that could not be read')]
        public ?string $understood,
        #[OA\Property(description: 'why it could not be')]
        public ?string $refused,
    ) {
    }
}
