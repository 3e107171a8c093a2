<?php

namespace App\Actions\After;

use App\Models\Job;
use App\Models\Shelf;
use App\Store\OpenLog;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\ValveGear\ShimChosen;
use Moltrek\Core\Log\ValveGear\ShimFitted;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\ValveGear\ShimSource;

/** A shim that is fitted from the shelf leaves it, and lies there again with the strike-out. */
final class ShimFromShelf implements After
{
    public function kind(): string
    {
        return ShimFitted::class;
    }

    public function mayStand(Job $job, Kind $said): void
    {
        $part = self::part($said);
        if ($part !== null && ! Shelf::has($part, $job->sheet->slug)) {
            throw MalformedDocument::wrongSort($part, 'a shim that lies on the shelf')->under('size');
        }
    }

    public function stands(Job $job, Entry $entry, OpenLog $log): void
    {
        $part = self::part($entry->said);
        if ($part !== null) {
            Shelf::take($part, $job->sheet->slug);
        }
    }

    public function falls(Job $job, Entry $entry, OpenLog $log): void
    {
        $part = self::part($entry->said);
        if ($part !== null) {
            Shelf::giveBack($part, $job->sheet->slug);
        }
    }

    private static function part(Kind $said): ?string
    {
        return $said instanceof ShimFitted && $said->shim->source === ShimSource::Shelf ? ShimChosen::part($said->shim->size) : null;
    }
}
