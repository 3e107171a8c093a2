<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A line of the log of security. */
#[OA\Schema(schema: 'SecurityLine')]
final readonly class SecurityLineShape
{
    public function __construct(
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property]
        public string $what,
        #[OA\Property(description: 'whose doing it was; null where nobody knows')]
        public ?string $who,
        #[OA\Property(description: 'whom or what it was about')]
        public string $about,
        #[OA\Property(description: 'an address, a tablet, the command line')]
        public string $origin,
    ) {
    }
}
