<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A tablet of the shop. */
#[OA\Schema(schema: 'Device')]
final readonly class DeviceShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(format: 'date-time')]
        public string $enrolledAt,
        #[OA\Property(description: 'when somebody last took it over', format: 'date-time')]
        public ?string $seenAt,
        #[OA\Property(description: 'it is this one')]
        public bool $isHere,
    ) {
    }
}
