<?php

namespace Moltrek\Core\Torquing;

use DateTimeImmutable;

/** How long a run may rest before its stage is gone round again. Source: shop practice, a matter of schools. */
enum Pause: string
{
    case HalfAnHour = 'from 30 min';
    case TenMinutes = 'from 10 min';
    case Never = 'never';

    public function isLong(DateTimeImmutable $lastPull, DateTimeImmutable $now): bool
    {
        $minutes = match ($this) {
            self::HalfAnHour => 30,
            self::TenMinutes => 10,
            self::Never => null,
        };

        return $minutes !== null && $now->getTimestamp() - $lastPull->getTimestamp() >= 60 * $minutes;
    }
}
