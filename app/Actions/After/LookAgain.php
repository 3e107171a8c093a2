<?php

namespace App\Actions\After;

use App\Models\Job;
use App\Models\Rechecks;
use App\Store\OpenLog;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;

/** What is to be looked at again after hand-over changes with every entry that asks for it or has seen to it. */
final readonly class LookAgain implements After
{
    /** @param  class-string<Kind>  $kind */
    public function __construct(private string $kind)
    {
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function mayStand(Job $job, Kind $said): void
    {
    }

    public function stands(Job $job, Entry $entry, OpenLog $log): void
    {
        Rechecks::rewrite($job, $log->state());
    }

    public function falls(Job $job, Entry $entry, OpenLog $log): void
    {
        Rechecks::rewrite($job, $log->state());
    }
}
