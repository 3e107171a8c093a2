<?php

namespace App\Actions\After;

use App\Models\Job;
use App\Models\Shelf;
use App\Store\OpenLog;
use Moltrek\Core\Log\Chamber\ThicknessDecided;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Parts\Supplied;

/** What a decision of thickness takes leaves the shelf with it, and comes back with its strike-out. */
final class SupplyDecision implements After
{
    public function kind(): string
    {
        return ThicknessDecided::class;
    }

    public function mayStand(Job $job, Kind $said): void
    {
    }

    public function stands(Job $job, Entry $entry, OpenLog $log): void
    {
        array_map(static fn (string $part): bool => Shelf::take($part, $job->sheet->slug), self::taken($entry));
    }

    public function falls(Job $job, Entry $entry, OpenLog $log): void
    {
        foreach (self::taken($entry) as $part) {
            Shelf::giveBack($part, $job->sheet->slug);
        }
    }

    /** @return list<string> parts */
    private static function taken(Entry $entry): array
    {
        $supplies = $entry->said instanceof ThicknessDecided ? $entry->said->supplies : [];

        return array_column(array_filter($supplies, static fn (Supplied $each): bool => $each->from === Supplied::SHELF), 'part');
    }
}
