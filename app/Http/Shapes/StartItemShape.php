<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One thing of the first start. */
#[OA\Schema(schema: 'StartItem')]
final readonly class StartItemShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public ?bool $right,
        #[OA\Property]
        public ?string $note,
        #[OA\Property]
        public ?string $by,
    ) {
    }
}
