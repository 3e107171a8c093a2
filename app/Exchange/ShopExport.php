<?php

namespace App\Exchange;

use App\Bench\RecordView;
use App\Calculations\JsonText;
use App\Models\Habits;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Row;
use App\Models\Sheet;
use App\Models\Shelf;
use App\Models\Shop;
use App\Models\ShopSettings;
use App\Models\User;
use App\Text\Csv;
use App\Upkeep\Photographs;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * The whole shop as files that anybody can read: JSON after docs/schemas/shop-export.schema.json, sheets and records after
 * their own schemas, readings and shelf as CSV, photographs as they are. No password, PIN, code or secret is among them.
 */
final readonly class ShopExport
{
    public const SCHEMA = 'moltrek-shop-1';

    public function __construct(private string $folder)
    {
    }

    /** @return array{people: int, sheets: int, jobs: int, entries: int, photographs: int} what was written */
    public function write(): array
    {
        $jobs = Job::query()->with('sheet')->get()->sortBy('number');
        $counts = ['people' => 0, 'sheets' => 0, 'jobs' => 0, 'entries' => 0, 'photographs' => 0];
        foreach (Sheet::query()->get() as $sheet) {
            $this->put("sheets/$sheet->slug/$sheet->version.json", JsonText::decode($sheet->document));
            $counts['sheets']++;
        }
        foreach ($jobs as $job) {
            $document = self::job($job);
            $this->put("jobs/$job->number/job.json", $document);
            $record = RecordView::of($job);
            $this->put("jobs/$job->number/record.json", $record->document());
            $this->text("jobs/$job->number/readings.csv", $record->csv());
            $counts['jobs']++;
            $counts['entries'] += count($document['entries']);
        }
        $people = array_values(User::query()->get()->sortBy('id')->map(self::person(...))->all());
        $counts['people'] = count($people);
        $counts['photographs'] = $this->photographs();
        $this->text('shelf.csv', self::shelf());
        foreach (glob(base_path('docs/schemas/*.json')) ?: [] as $schema) {
            $this->text(basename($schema), (string) file_get_contents($schema));
        }
        $settings = ShopSettings::current();
        $this->put('shop.json', [
            'schema' => self::SCHEMA, 'made' => Shop::now()->format(DATE_ATOM),
            'shop' => $settings === null ? null : ['name' => $settings->name, 'zone' => $settings->zone, 'hours' => (object) $settings->hours, 'units' => (object) $settings->units,
                'benches' => $settings->benches, 'suppliers' => array_map(static fn (string $name, int $days): array => ['name' => $name, 'days' => $days], array_keys($settings->suppliers), $settings->suppliers)],
            'people' => $people, 'habits' => (object) Habits::all(), 'shelf' => Shelf::all(),
            'tools' => array_values(Instrument::query()->get()->sortBy('id')->map(self::tool(...))->all()), 'counts' => $counts,
        ]);

        return $counts;
    }

    /** @return array{number: int, sheet: string, version: int, owner: string, promised: string|null, closed_at: string|null, entries: list<array<string, mixed>>} */
    private static function job(Job $job): array
    {
        $rows = DB::table('log_entries')->join('users', 'users.id', '=', 'log_entries.user_id')->where('job_id', $job->id)->orderBy('seq')
            ->get(['log_entries.id', 'kind', 'payload', 'happened_at', 'recorded_at', 'initials', 'hash']);

        return [
            'number' => $job->number, 'sheet' => $job->sheet->slug, 'version' => $job->sheet->version, 'owner' => $job->owner,
            'promised' => $job->promised?->format('Y-m-d'), 'bench' => $job->bench, 'closed_at' => $job->closed_at?->toIso8601ZuluString('microsecond'),
            'entries' => array_values($rows->map(static fn (stdClass $row): array => [
                'id' => $row->id, 'kind' => $row->kind, 'by' => $row->initials, 'happened_at' => $row->happened_at, 'recorded_at' => $row->recorded_at,
                'payload' => JsonText::decode(Row::of($row)->text('payload')), 'hash' => $row->hash,
            ])->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function person(User $user): array
    {
        return ['username' => $user->username, 'name' => $user->name, 'initials' => $user->initials, 'role' => $user->role->value, 'disabled' => $user->disabled_at !== null, 'hours' => $user->hours === null ? null : (object) $user->hours];
    }

    /** @return array<string, mixed> */
    private static function tool(Instrument $tool): array
    {
        return [
            'id' => $tool->id, 'name' => $tool->name, 'kind' => $tool->kind, 'doubt' => $tool->doubt, 'fixed' => $tool->fixed, 'leaves' => $tool->leaves, 'range' => $tool->range,
            'resolution' => $tool->resolution, 'length' => $tool->length, 'checked_on' => $tool->checked_on?->format('Y-m-d'), 'next_check' => $tool->next_check?->format('Y-m-d'),
            'simulated' => $tool->simulated,
        ];
    }

    private static function shelf(): string
    {
        return Csv::of(['part', 'fits', 'count'], Shelf::all());
    }

    private function photographs(): int
    {
        $photographs = Photographs::here();
        $count = 0;
        foreach (DB::table('photographs')->orderBy('id')->pluck('id') as $id) {
            if (is_string($id) && is_file($photographs->path($id))) {
                $this->text("photos/$id.jpg", (string) file_get_contents($photographs->path($id)));
                $count++;
            }
        }

        return $count;
    }

    private function put(string $path, mixed $document): void
    {
        $this->text($path, json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR)."\n");
    }

    private function text(string $path, string $text): void
    {
        $folder = dirname($this->folder.'/'.$path);
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        file_put_contents($this->folder.'/'.$path, $text);
    }
}
