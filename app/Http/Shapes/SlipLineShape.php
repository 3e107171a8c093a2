<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A line of the running log. */
#[OA\Schema(schema: 'SlipLine')]
final readonly class SlipLineShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $at,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public ?string $struckBy,
        #[OA\Property]
        public ?string $struckReason,
        #[OA\Property]
        public bool $mayBeStruck,
        #[OA\Property]
        public ?string $photo,
    ) {
    }
}
