<?php

namespace App\Models;

use Illuminate\Support\Facades\DB;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Closing\DatedRecheck;

/** What is to be looked at again on machines that went out, by the day it is due. Derived from their logs. */
final class Rechecks
{
    /** @return list<array{id: string, job: int, machine: string, owner: string, what: string, due: string}> the earliest first */
    public static function due(): array
    {
        return array_values(DB::table('rechecks')->join('jobs', 'jobs.id', '=', 'rechecks.job_id')->orderBy('due')->orderBy('jobs.number')->orderBy('rechecks.id')
            ->get(['rechecks.id', 'jobs.number', 'machine', 'rechecks.owner', 'what', 'due'])
            ->map(Row::of(...))->map(static fn (Row $row): array => [
                'id' => $row->text('id'), 'job' => $row->whole('number'), 'machine' => $row->text('machine'), 'owner' => $row->text('owner'),
                'what' => $row->text('what'), 'due' => $row->text('due'),
            ])->all());
    }

    /** What a job's log asks for now; nothing while the machine is in the shop. */
    public static function rewrite(Job $job, BuildState $state): void
    {
        $handedOver = $state->closing->handedOver();
        $open = $handedOver === null ? [] : $state->runIn->due();
        DB::table('rechecks')->where('job_id', $job->id)->delete();
        DB::table('rechecks')->insert(array_map(static fn (DatedRecheck $asked): array => [
            'id' => $asked->id, 'job_id' => $job->id, 'what' => $asked->recheck->what, 'machine' => $state->sheet->title(), 'owner' => $job->owner,
            'due' => $asked->due($handedOver)?->setTimezone(Shop::now()->getTimezone())->format('Y-m-d'),
        ], $open));
    }
}
