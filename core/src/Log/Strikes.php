<?php

namespace Moltrek\Core\Log;

/** Which entries have been struck out, and by which. A strike that was itself struck out does not count. */
final class Strikes
{
    /**
     * @param  list<Entry>  $entries  in the order they happened
     * @return array<string, Entry> the striking entry, by the id of the struck one
     */
    public static function among(array $entries): array
    {
        $struck = [];
        for ($i = count($entries) - 1; $i >= 0; $i--) {
            $entry = $entries[$i];
            if ($entry->kind === EntryKind::EntryStruck && ! isset($struck[$entry->id])) {
                $struck[$entry->text('entry')] = $entry;
            }
        }

        return $struck;
    }
}
