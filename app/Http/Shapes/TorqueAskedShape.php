<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A fastener that is asked about before anything else is pulled. */
#[OA\Schema(schema: 'TorqueAsked')]
final readonly class TorqueAskedShape
{
    public function __construct(
        #[OA\Property]
        public int $stage,
        #[OA\Property(description: 'of the first stage of its group')]
        public int $begins,
        #[OA\Property]
        public string $bolt,
        #[OA\Property(description: 'over, clicked at once, turns without rising')]
        public string $outcome,
        #[OA\Property]
        public string $headline,
        #[OA\Property(description: 'what to do, and how one knows')]
        public string $ask,
        #[OA\Property(description: 'whether somebody may let it stand as it is')]
        public bool $mayBeAccepted,
    ) {
    }
}
