<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The one next thing. */
#[OA\Schema(schema: 'Next')]
final readonly class NextShape
{
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public ?string $id,
        #[OA\Property]
        public ?string $slab,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public string $why,
        #[OA\Property]
        public bool $canBeWorked,
    ) {
    }
}
