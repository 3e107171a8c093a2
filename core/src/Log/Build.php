<?php

namespace Moltrek\Core\Log;

use DateTimeImmutable;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Sheet\EngineSheet;

/**
 * A build is its log. Everything shown of it is replayed from the engine sheet and the entries, folded in the order in
 * which they happened, then by id, whatever order they arrived in.
 */
final class Build
{
    /**
     * @param  list<Entry>  $entries in any order, each once
     * @param  DateTimeImmutable|null  $now  what the clock says, for waits; the time of the last entry if not said
     */
    public static function replay(EngineSheet $sheet, array $entries, ?DateTimeImmutable $now = null): BuildState
    {
        usort($entries, static fn (Entry $one, Entry $other): int => [$one->at, $one->id] <=> [$other->at, $other->id]);
        $struck = Strikes::among($entries);
        $spots = Catalogue::of($sheet);
        $fold = new Fold($sheet, $spots);
        foreach ($entries as $entry) {
            if (! isset($struck[$entry->id])) {
                $fold->take($entry);
            }
        }

        return new BuildState($sheet, $spots, $entries, $struck, $fold, $now ?? ($entries === [] ? new DateTimeImmutable('@0') : $entries[count($entries) - 1]->at));
    }
}
