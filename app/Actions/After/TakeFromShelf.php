<?php

namespace App\Actions\After;

use App\Models\Job;
use App\Models\Shelf;
use App\Store\OpenLog;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Parts\PartTaken;
use Moltrek\Core\Refusal\MalformedDocument;

/** What a job takes from the shelf leaves it, and comes back with the strike-out. */
final class TakeFromShelf implements After
{
    public function kind(): string
    {
        return PartTaken::class;
    }

    public function mayStand(Job $job, Kind $said): void
    {
        if ($said instanceof PartTaken && ! Shelf::has($said->part, $job->sheet->slug)) {
            throw MalformedDocument::wrongSort($said->part, 'a part that lies on the shelf')->under('part');
        }
    }

    public function stands(Job $job, Entry $entry, OpenLog $log): void
    {
        if ($entry->said instanceof PartTaken) {
            Shelf::take($entry->said->part, $job->sheet->slug);
        }
    }

    public function falls(Job $job, Entry $entry, OpenLog $log): void
    {
        if ($entry->said instanceof PartTaken) {
            Shelf::giveBack($entry->said->part, $job->sheet->slug);
        }
    }
}
