<?php

namespace App\Actions;

use App\Models\Job;
use App\Models\Sheet;
use App\Models\User;
use App\Store\KeepSheet;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\Refusal;
use Ramsey\Uuid\Uuid;
use stdClass;

/** What a sheet lacks and a job asks for: written on the sheet as its next version, by which the job goes at once. */
final class KeepForJob
{
    public function __construct(private KeepSheet $keep, private RecordEntries $record)
    {
    }

    /**
     * @param  callable(stdClass): void  $change
     *
     * @throws Refusal where the job goes by an older version, or the sheet would contradict itself
     */
    public function __invoke(Job $job, User $user, callable $change): void
    {
        $newest = Sheet::newest($job->sheet->slug);
        if ($newest === null || $newest->version !== $job->sheet->version) {
            throw ContradictoryFields::excluded('', $job->sheet->version, 'The spec book has a newer sheet of this engine.', 'a job that goes by the newest; adopt it first');
        }
        DB::transaction(function () use ($job, $user, $change): void {
            $kept = $this->keep->changed($job->sheet->slug, $change);
            $adopted = (object) ['id' => Uuid::uuid7()->toString(), 'kind' => 'sheet_adopted', 'happened_at' => CarbonImmutable::now('UTC')->format('Y-m-d\TH:i:s.v\Z'),
                'payload' => (object) ['version' => $kept->version, 'from' => $job->sheet->version]];
            ($this->record)($job, $user, [$adopted], null);
        });
    }
}
