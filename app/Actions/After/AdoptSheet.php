<?php

namespace App\Actions\After;

use App\Models\Job;
use App\Models\Sheet;
use App\Store\OpenLog;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\SheetAdopted;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** A job goes on with the version it adopts, and back to the one before with the strike-out. */
final class AdoptSheet implements After
{
    public function kind(): string
    {
        return SheetAdopted::class;
    }

    public function mayStand(Job $job, Kind $said): void
    {
        if (! $said instanceof SheetAdopted) {
            return;
        }
        $current = $job->sheet->version;
        if ($said->from !== $current) {
            throw ContradictoryFields::excluded('from', $said->from, 'This job goes by another version by now.', (string) $current);
        }
        if ($said->version === $current || Sheet::version($job->sheet->slug, $said->version) === null) {
            throw MalformedDocument::wrongSort($said->version, 'another version of this sheet')->under('version');
        }
    }

    public function stands(Job $job, Entry $entry, OpenLog $log): void
    {
        if ($entry->said instanceof SheetAdopted) {
            $this->goBy($job, $entry->said->version, $log);
        }
    }

    public function falls(Job $job, Entry $entry, OpenLog $log): void
    {
        if ($entry->said instanceof SheetAdopted) {
            $this->goBy($job, $entry->said->from, $log);
        }
    }

    private function goBy(Job $job, int $version, OpenLog $log): void
    {
        $sheet = Sheet::version($job->sheet->slug, $version);
        if ($sheet !== null) {
            DB::select('select go_by(?, ?)', [$job->id, $sheet->id]);
            $job->refresh();
            $log->goBy($sheet->engine());
        }
    }
}
