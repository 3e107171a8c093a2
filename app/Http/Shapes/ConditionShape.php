<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** How the installation fares. */
#[OA\Schema(schema: 'Condition')]
final readonly class ConditionShape
{
    /** @param  list<OutboxShape>  $outboxes */
    public function __construct(
        #[OA\Property(description: 'when the newest backup was made; null where there is none', format: 'date-time')]
        public ?string $backupAt,
        #[OA\Property(description: 'in bytes')]
        public ?int $backupSize,
        #[OA\Property(description: 'there is none, or it is too old')]
        public bool $backupOverdue,
        #[OA\Property(description: 'when one did not come about since the newest; null where none did', format: 'date-time')]
        public ?string $backupFailedAt,
        #[OA\Property(description: 'in bytes')]
        public int $diskFree,
        #[OA\Property]
        public bool $diskLow,
        #[OA\Property(description: 'in bytes')]
        public int $databaseSize,
        #[OA\Property]
        public int $entries,
        #[OA\Property(description: 'faults of the program written to the log today')]
        public int $faultsToday,
        #[OA\Property(description: 'tablets on which entries wait', items: new OA\Items(ref: OutboxShape::class))]
        public array $outboxes,
    ) {
    }
}
