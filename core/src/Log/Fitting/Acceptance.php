<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Totals;

/** Who took a verdict upon himself as it stands. */
final class Acceptance
{
    /** Null where nobody did, or where something it follows from has been read since. */
    public static function of(Assessment $assessment, Totals $totals): ?Entry
    {
        $entry = $totals->decisions->acceptanceOf($assessment->subject->id);
        if (! $entry?->said instanceof Accepts || ! $entry->said->accepts($assessment->verdict?->state)) {
            return null;
        }
        foreach ($assessment->subject->spots as $spot) {
            if ($totals->readings->entryAt($spot)?->isAfter($entry) === true) {
                return null;
            }
        }

        return $entry;
    }
}
