<?php

namespace Moltrek\Core\Planning;

use DateTimeImmutable;

/** How far off a promised day is. */
final class Promise
{
    /** Whole days from one day to another, both in the shop's zone; negative once it has passed. */
    public static function daysLeft(DateTimeImmutable $today, DateTimeImmutable $promised): int
    {
        $midnight = static fn (DateTimeImmutable $day): DateTimeImmutable => new DateTimeImmutable($day->format('Y-m-d').' 00:00:00 UTC');
        $difference = $midnight($today)->diff($midnight($promised));

        return $difference->invert === 1 ? -(int) $difference->days : (int) $difference->days;
    }

    public static function inWords(int $daysLeft): string
    {
        return match (true) {
            $daysLeft === 0 => 'due today',
            $daysLeft === 1 => 'due tomorrow',
            $daysLeft > 1 => $daysLeft.' days left',
            $daysLeft === -1 => 'a day late',
            default => -$daysLeft.' days late',
        };
    }
}
