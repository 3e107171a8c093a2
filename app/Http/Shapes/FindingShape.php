<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What an earlier job on an engine of this kind has taught. */
#[OA\Schema(schema: 'Finding')]
final readonly class FindingShape
{
    public function __construct(
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public string $from,
    ) {
    }
}
