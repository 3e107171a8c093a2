<?php

namespace App\Actions\After;

use App\Models\Job;
use App\Models\Rechecks;
use App\Store\OpenLog;
use Moltrek\Core\Log\Closing\HandedOver;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;

/** A machine that was handed over leaves the floor; a hand-over that was struck out brings it back. */
final class CloseJob implements After
{
    public function kind(): string
    {
        return HandedOver::class;
    }

    public function mayStand(Job $job, Kind $said): void
    {
    }

    public function stands(Job $job, Entry $entry, OpenLog $log): void
    {
        $this->settle($job, $log);
    }

    public function falls(Job $job, Entry $entry, OpenLog $log): void
    {
        $this->settle($job, $log);
    }

    private function settle(Job $job, OpenLog $log): void
    {
        $job->update(['closed_at' => $log->state()->closing->handedOver()?->at]);
        Rechecks::rewrite($job, $log->state());
    }
}
