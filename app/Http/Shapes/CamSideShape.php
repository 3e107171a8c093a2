<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The events of one side against what its maker states. */
#[OA\Schema(schema: 'CamSide')]
final readonly class CamSideShape
{
    public function __construct(
        #[OA\Property]
        public string $side,
        #[OA\Property]
        public ?float $opens,
        #[OA\Property]
        public ?float $closes,
        #[OA\Property]
        public ?float $duration,
        #[OA\Property]
        public ?float $centreline,
        #[OA\Property]
        public ?float $statedOpens,
        #[OA\Property]
        public ?float $statedCloses,
        #[OA\Property]
        public ?float $aim,
        #[OA\Property]
        public ?string $state,
        #[OA\Property]
        public ?string $words,
        #[OA\Property]
        public ?string $reason,
        #[OA\Property]
        public ?string $mend,
        #[OA\Property]
        public ?int $teeth,
        #[OA\Property]
        public ?string $way,
        #[OA\Property(description: 'crank degrees later than stated')]
        public ?float $later,
        #[OA\Property(description: 'degrees of the cam that it is turned by in its slots')]
        public ?float $slot,
    ) {
    }
}
