<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The slack of a decompressor. */
#[OA\Schema(schema: 'Decompressor')]
final readonly class DecompressorShape
{
    public function __construct(
        #[OA\Property]
        public ?string $slack,
        #[OA\Property]
        public ?string $limit,
        #[OA\Property]
        public bool $inside,
        #[OA\Property]
        public ?TimingStepShape $step,
    ) {
    }
}
