<?php

namespace Moltrek\Core\Log;

use DateTimeImmutable;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Sheet\EngineSheet;

/**
 * A build is its log. Everything shown of it is replayed from the engine sheet and the entries, folded in the order in
 * which they happened, then by id, whatever order they arrived in.
 */
final class Build
{
    /**
     * @param  list<Entry>  $entries in any order, each once
     * @param  Basis  $given  what the job is for and what is decided, before the log says otherwise
     * @param  DateTimeImmutable|null  $now  what the clock says, for waits; the time of the last entry if not said
     */
    public static function replay(
        EngineSheet $sheet,
        array $entries,
        ?DateTimeImmutable $now = null,
        Basis $given = new Basis,
    ): BuildState {
        $entries = self::inOrder($entries);
        $now ??= $entries === [] ? new DateTimeImmutable('@0') : $entries[count($entries) - 1]->at;
        $spots = Catalogue::of($sheet);
        $struck = EntryStruck::among($entries);

        return new BuildState($sheet, $spots, $entries, $struck, self::fold($sheet, $spots, $entries, $struck, $given), $now, $given);
    }

    /**
     * As they happened, then by id. A log that was kept by one tablet is in order already.
     *
     * @param  list<Entry>  $entries
     * @return list<Entry>
     */
    public static function inOrder(array $entries): array
    {
        for ($i = count($entries) - 1; $i > 0; $i--) {
            if ($entries[$i - 1]->isAfter($entries[$i])) {
                usort($entries, static fn (Entry $one, Entry $other): int => $one->isAfter($other) <=> $other->isAfter($one));
                break;
            }
        }

        return $entries;
    }

    /**
     * @param  array<string, Spot>  $spots
     * @param  list<Entry>  $entries  in the order they happened
     * @param  array<string, Entry>  $struck
     */
    public static function fold(EngineSheet $sheet, array $spots, array $entries, array $struck, Basis $given): Totals
    {
        $totals = new Totals($sheet, $spots, $given);
        foreach ($entries as $entry) {
            if (! isset($struck[$entry->id])) {
                $entry->said->apply($totals, $entry);
            }
        }

        return $totals;
    }
}
