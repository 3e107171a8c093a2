<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Sheet\EngineSheet;

/**
 * A build is its log. Everything shown of it is replayed from the engine sheet and the entries, folded in the order in
 * which they happened, then by id, whatever order they arrived in.
 */
final class Build
{
    /** @param  list<Entry>  $entries in any order, each once */
    public static function replay(EngineSheet $sheet, array $entries): BuildState
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

        return new BuildState($sheet, $spots, $entries, $struck, $fold);
    }
}
