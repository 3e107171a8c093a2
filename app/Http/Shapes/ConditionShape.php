<?php

namespace App\Http\Shapes;

/** How the installation fares. */
final readonly class ConditionShape
{
    /**
     * @param  string|null  $backupAt  when the newest backup was made; null where there is none
     * @param  int|null  $backupSize  in bytes
     * @param  bool  $backupOverdue  there is none, or it is too old
     * @param  string|null  $backupFailedAt  when one did not come about since the newest; null where none did
     * @param  int  $diskFree  in bytes
     * @param  int  $databaseSize  in bytes
     * @param  int  $faultsToday  faults of the program written to the log today
     * @param  list<OutboxShape>  $outboxes  tablets on which entries wait
     */
    public function __construct(
        public ?string $backupAt,
        public ?int $backupSize,
        public bool $backupOverdue,
        public ?string $backupFailedAt,
        public int $diskFree,
        public bool $diskLow,
        public int $databaseSize,
        public int $entries,
        public int $faultsToday,
        public array $outboxes,
    ) {
    }
}
