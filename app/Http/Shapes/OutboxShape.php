<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What waits on a tablet, as it said last. */
#[OA\Schema(schema: 'Outbox')]
final readonly class OutboxShape
{
    public function __construct(
        #[OA\Property]
        public string $who,
        #[OA\Property]
        public int $waiting,
        #[OA\Property(format: 'date-time')]
        public string $at,
    ) {
    }
}
