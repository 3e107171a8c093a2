<?php

namespace App\Actions\After;

use App\Models\Job;
use App\Store\OpenLog;
use Moltrek\Core\Log\Closing\RecheckDone;
use Moltrek\Core\Log\Closing\RunInPlanned;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryStruck;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\ValveGear\LeftLoose;

/** What follows from an entry, by its kind; a strike-out takes it back, and a strike-out of the strike-out brings it again. */
final class Consequences
{
    /** @return list<After> */
    private static function all(): array
    {
        return [new TakeFromShelf, new SupplyDecision, new CloseJob, new AdoptSheet, new KeepProgramme, new KeepMark, new ShimFromShelf, new ShimsOntoShelf,
            ...array_map(static fn (string $kind): LookAgain => new LookAgain($kind), [RecheckDone::class, RunInPlanned::class, LeftLoose::class])];
    }

    private static function of(Kind $said): ?After
    {
        foreach (self::all() as $after) {
            if ($said instanceof ($after->kind())) {
                return $after;
            }
        }

        return null;
    }

    public static function refuse(Job $job, Kind $said): void
    {
        self::of($said)?->mayStand($job, $said);
    }

    public static function follow(Job $job, Entry $entry, OpenLog $log): void
    {
        if (! $entry->said instanceof EntryStruck) {
            self::of($entry->said)?->stands($job, $entry, $log);

            return;
        }
        [$target, $stands] = [$entry, true];
        while ($target?->said instanceof EntryStruck) {
            $target = $log->entry($target->said->entry);
            $stands = ! $stands;
        }
        if ($target !== null) {
            $stands ? self::of($target->said)?->stands($job, $target, $log) : self::of($target->said)?->falls($job, $target, $log);
        }
    }
}
