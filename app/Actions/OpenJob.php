<?php

namespace App\Actions;

use App\Calculations\JsonText;
use App\Models\Habits;
use App\Models\Job;
use App\Models\Sheet;
use App\Models\User;
use App\Store\Turn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\JobCondition;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Refusal\MalformedDocument;
use Ramsey\Uuid\Uuid;

/** Takes a machine in: the next job number, the newest version of its sheet, and the first entry of its log. */
final class OpenJob
{
    public const KEYS = ['id', 'sheet', 'owner', 'complaint', 'condition', 'promised', 'errands', 'off'];

    public function __invoke(Fields $sent, User $by): Job
    {
        $slug = $sent->text('sheet', 60);
        $owner = $sent->text('owner', 120);
        $condition = $sent->choice('condition', JobCondition::class);
        $complaint = $sent->textOrNull('complaint', 500);
        $promised = $sent->dayOrNull('promised')?->text;
        $id = $sent->uuidOrNull('id', 'a UUID in lower case') ?? Uuid::uuid7()->toString();
        $sheet = Sheet::newest($slug)
            ?? throw $sent->placed(MalformedDocument::wrongSort($slug, 'a sheet of the spec book'), 'sheet');
        $errands = array_column(Errand::listIn($sent, $sheet->engine()), 'value');
        $off = $sent->texts('off');

        return DB::connection()->transaction(static function () use ($id, $sheet, $owner, $condition, $complaint, $promised, $errands, $off, $by): Job {
            Turn::OpenJob->wait();
            $there = Job::query()->whereHas('entries', static fn ($entries) => $entries->where('id', $id))->first();
            if ($there !== null) {
                return $there;
            }
            $last = Job::query()->max('number');
            $job = Job::query()->create(['number' => (is_numeric($last) ? (int) $last : 0) + 1, 'engine_sheet_id' => $sheet->id, 'owner' => $owner, 'promised' => $promised]);
            $opened = (object) [
                'id' => $id, 'kind' => 'job_opened', 'happened_at' => CarbonImmutable::now('UTC')->format('Y-m-d\TH:i:s.v\Z'),
                'payload' => JsonText::decode(JsonText::encode(array_filter(['condition' => $condition->value, 'complaint' => $complaint, 'schools' => Habits::all(), 'errands' => $errands === [Errand::TopEnd->value] ? [] : $errands, 'off' => $off]))),
            ];
            (new RecordEntries)($job, $by, [$opened], null);

            return $job;
        });
    }
}
