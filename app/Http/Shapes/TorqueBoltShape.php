<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A fastener from above, in millimetres. */
#[OA\Schema(schema: 'TorqueBolt')]
final readonly class TorqueBoltShape
{
    /**
     * @param  array<string, mixed>|null  $document
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public float $x,
        #[OA\Property]
        public float $y,
        #[OA\Property]
        public string $thread,
        #[OA\Property(description: 'of thread and seating face, as the maker states')]
        public string $condition,
        #[OA\Property]
        public bool $leftHand,
        #[OA\Property(description: 'straight, adapter or feel')]
        public string $reached,
        #[OA\Property]
        public bool $oneUse,
        #[OA\Property(description: 'as a sheet states it', type: 'object', nullable: true)]
        public ?array $document,
    ) {
    }
}
