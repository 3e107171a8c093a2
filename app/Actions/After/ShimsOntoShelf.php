<?php

namespace App\Actions\After;

use App\Models\Job;
use App\Models\Shelf;
use App\Store\OpenLog;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\ValveGear\ShimChosen;
use Moltrek\Core\Log\ValveGear\ShimsShelved;

/** What a plan left over lies on the shelf, and no more with the strike-out. */
final class ShimsOntoShelf implements After
{
    public function kind(): string
    {
        return ShimsShelved::class;
    }

    public function mayStand(Job $job, Kind $said): void
    {
    }

    public function stands(Job $job, Entry $entry, OpenLog $log): void
    {
        foreach ($entry->said instanceof ShimsShelved ? $entry->said->sizes : [] as $size) {
            Shelf::add(ShimChosen::part($size), $job->sheet->slug);
        }
    }

    public function falls(Job $job, Entry $entry, OpenLog $log): void
    {
        foreach ($entry->said instanceof ShimsShelved ? $entry->said->sizes : [] as $size) {
            Shelf::take(ShimChosen::part($size), $job->sheet->slug);
        }
    }
}
