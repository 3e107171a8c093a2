<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A fastener that was passed by. */
#[OA\Schema(schema: 'TorqueOwed')]
final readonly class TorqueOwedShape
{
    public function __construct(
        #[OA\Property]
        public string $bolt,
        #[OA\Property]
        public string $reason,
        #[OA\Property]
        public string $release,
        #[OA\Property(description: 'the first that it lacks')]
        public ?int $stage,
    ) {
    }
}
