<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A source that states a limit. */
#[OA\Schema(schema: 'Source')]
final readonly class SourceShape
{
    public function __construct(
        #[OA\Property]
        public string $source,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public bool $hasRange,
        #[OA\Property]
        public bool $hasService,
        #[OA\Property]
        public bool $rulesRange,
        #[OA\Property]
        public bool $rulesService,
    ) {
    }
}
