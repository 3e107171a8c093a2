<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One thing a hold asks, and who saw or waived it. */
#[OA\Schema(schema: 'Ask')]
final readonly class AskShape
{
    public function __construct(
        #[OA\Property]
        public int $item,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public ?string $by,
        #[OA\Property]
        public ?string $waived,
    ) {
    }
}
