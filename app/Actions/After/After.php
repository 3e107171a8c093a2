<?php

namespace App\Actions\After;

use App\Models\Job;
use App\Store\OpenLog;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Refusal\Refusal;

/** What follows in the database when an entry of one kind is taken into a log, and when it is struck out again. */
interface After
{
    /** @return class-string<Kind> */
    public function kind(): string;

    /** @throws Refusal where what would follow cannot be */
    public function mayStand(Job $job, Kind $said): void;

    public function stands(Job $job, Entry $entry, OpenLog $log): void;

    public function falls(Job $job, Entry $entry, OpenLog $log): void;
}
