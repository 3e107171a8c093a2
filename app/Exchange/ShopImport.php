<?php

namespace App\Exchange;

use App\Actions\BeginnersCode;
use App\Calculations\JsonText;
use App\Models\Habits;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Sheet;
use App\Models\Shelf;
use App\Models\ShopSettings;
use App\Models\User;
use App\Upkeep\Photographs;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Sheet\EngineSheet;
use RuntimeException;
use stdClass;

/**
 * An export read into an empty shop: every sheet and job under its own number, every entry with its id, its times and its
 * author. The chain of hashes is made anew by the database and must come to what the export says; else nothing is kept.
 * People begin with a new code each, since no password travels.
 */
final readonly class ShopImport
{
    private const AT_ONCE = 500;

    public function __construct(private string $folder)
    {
    }

    /**
     * @return array<string, string> the code of each person, by user name
     *
     * @throws RuntimeException where the shop is not empty, or the export does not hold
     */
    public function read(): array
    {
        if (User::query()->exists() || Job::query()->exists()) {
            throw new RuntimeException('This shop is not empty. An export is read into one that nobody has begun.');
        }
        $shop = $this->document('shop.json');
        if (($shop->schema ?? null) !== ShopExport::SCHEMA) {
            throw new RuntimeException('shop.json is not an export of Moltrek.');
        }

        return DB::connection()->transaction(function () use ($shop): array {
            $codes = $this->people($shop);
            $this->shop($shop);
            $this->sheets();
            foreach ($this->numbers() as $number) {
                $this->job($this->document("jobs/$number/job.json"));
            }
            DB::statement("select setval('log_entries_seq_seq', greatest((select max(seq) from log_entries), 1))");
            $this->photographs();
            $this->refuseOtherCounts($shop);

            return $codes;
        });
    }

    /** @return array<string, string> */
    private function people(stdClass $shop): array
    {
        $codes = [];
        foreach (self::list($shop, 'people') as $person) {
            $user = User::query()->create([
                'username' => $person->username, 'name' => $person->name, 'initials' => $person->initials, 'role' => $person->role, 'password' => Str::random(60),
                'disabled_at' => ($person->disabled ?? false) === true ? now() : null,
                'hours' => ($person->hours ?? null) instanceof stdClass ? (array) $person->hours : null,
            ]);
            if ($user->disabled_at === null) {
                $codes[$user->username] = BeginnersCode::give($user);
            }
        }

        return $codes;
    }

    private function shop(stdClass $shop): void
    {
        if (($shop->shop ?? null) instanceof stdClass) {
            ShopSettings::read(Fields::of($shop->shop, ...ShopSettings::KEYS))->keep();
        }
        foreach ((array) ($shop->habits ?? []) as $matter => $school) {
            Habits::keep((string) $matter, is_string($school) ? $school : '');
        }
        foreach (self::list($shop, 'shelf') as $lies) {
            Shelf::put(self::text($lies, 'part'), self::text($lies, 'fits'), is_int($lies->count ?? null) ? $lies->count : 0);
        }
        foreach (self::list($shop, 'tools') as $tool) {
            Instrument::query()->create((array) $tool);
        }
    }

    private function sheets(): void
    {
        foreach (glob($this->folder.'/sheets/*/*.json') ?: [] as $file) {
            $document = JsonText::decode((string) file_get_contents($file));
            // read as it is entered: a sheet that contradicts itself is refused with its place
            EngineSheet::read($document);
            Sheet::query()->create(['slug' => basename(dirname($file)), 'version' => (int) basename($file, '.json'), 'document' => JsonText::encode($document)]);
        }
    }

    private function job(stdClass $said): void
    {
        $number = is_int($said->number ?? null) ? $said->number : throw new RuntimeException('A job without a number.');
        $sheet = Sheet::version(self::text($said, 'sheet'), is_int($said->version ?? null) ? $said->version : 0) ?? throw new RuntimeException("Job $number goes by a sheet that is not there.");
        $job = Job::query()->create(['number' => $number, 'engine_sheet_id' => $sheet->id, 'owner' => self::text($said, 'owner'), 'promised' => $said->promised ?? null, 'bench' => $said->bench ?? null, 'closed_at' => $said->closed_at ?? null]);
        $people = User::query()->pluck('id', 'initials');
        $rows = array_map(static fn (stdClass $entry): array => [
            'id' => self::text($entry, 'id'), 'job_id' => $job->id, 'user_id' => $people[self::text($entry, 'by')] ?? throw new RuntimeException("Job $number has an entry of somebody who is not there."),
            'kind' => self::text($entry, 'kind'), 'payload' => JsonText::encode($entry->payload ?? new stdClass), 'happened_at' => self::text($entry, 'happened_at'), 'recorded_at' => self::text($entry, 'recorded_at'),
        ], self::list($said, 'entries'));
        foreach (array_chunk($rows, self::AT_ONCE) as $few) {
            DB::table('log_entries')->insert($few);
        }
        $last = DB::table('log_entries')->where('job_id', $job->id)->orderByDesc('seq')->value('hash');
        $entries = self::list($said, 'entries');
        if ($entries !== [] && $last !== ($entries[count($entries) - 1]->hash ?? null)) {
            throw new RuntimeException("The log of job $number does not come to the hash that the export has: it was changed on the way.");
        }
    }

    private function photographs(): void
    {
        $photographs = Photographs::here();
        foreach (glob($this->folder.'/photos/*.jpg') ?: [] as $photo) {
            if (preg_match('/^[0-9a-f-]{36}\.jpg$/D', basename($photo)) === 1) {
                $photographs->keep(basename($photo, '.jpg'), (string) file_get_contents($photo));
            }
        }
    }

    /** As many of each as the export says that it has: what was left out is missed. */
    private function refuseOtherCounts(stdClass $shop): void
    {
        $counts = ['people' => User::query()->count(), 'sheets' => Sheet::query()->count(), 'jobs' => Job::query()->count(), 'entries' => DB::table('log_entries')->count(), 'photographs' => DB::table('photographs')->count()];
        foreach ($counts as $what => $count) {
            $said = ((array) $shop->counts)[$what] ?? null;
            if ($said !== $count) {
                throw new RuntimeException(sprintf('The export says that it has %s %s, and %d are in it.', is_int($said) ? $said : 'no number of', $what, $count));
            }
        }
    }

    /** @return list<int> */
    private function numbers(): array
    {
        $numbers = array_map(static fn (string $folder): int => (int) basename($folder), glob($this->folder.'/jobs/*', GLOB_ONLYDIR) ?: []);
        sort($numbers);

        return $numbers;
    }

    private function document(string $path): stdClass
    {
        $text = @file_get_contents($this->folder.'/'.$path);
        $document = $text === false ? null : JsonText::decode($text);

        return $document instanceof stdClass ? $document : throw new RuntimeException("$path is missing, or is no object.");
    }

    /** @return list<stdClass> */
    private static function list(stdClass $document, string $key): array
    {
        return array_values(array_filter((array) ($document->{$key} ?? []), static fn (mixed $each): bool => $each instanceof stdClass));
    }

    private static function text(stdClass $document, string $key): string
    {
        return is_string($document->{$key} ?? null) ? $document->{$key} : '';
    }
}
