<?php

namespace Database\Seeders;

use App\Actions\RecordEntries;
use App\Build\Shop;
use App\Calculations\JsonText;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Role;
use App\Models\Sheet;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Ramsey\Uuid\Uuid;
use RuntimeException;

/** Brannoch Slip Engine Room: three people, their tools, and three engines in different states. Everything is made up. */
final class DemoSeeder extends Seeder
{
    private CarbonImmutable $today;

    public function run(): void
    {
        $this->today = CarbonImmutable::instance(Shop::now())->startOfDay();
        $this->people();
        $this->tools();
        $this->ulvane();
        $this->skarn();
        $this->harbick();
    }

    private function people(): void
    {
        $passwords = DemoSignIns::all();
        foreach ([['isla', 'Isla Corrant', 'IC', Role::Owner], ['tomas', 'Tomas Wend', 'TW', Role::Mechanic], ['petra', 'Petra Quill', 'PQ', Role::Apprentice]] as [$username, $name, $initials, $role]) {
            User::query()->create(['username' => $username, 'name' => $name, 'initials' => $initials, 'role' => $role, 'password' => $passwords[$username]]);
        }
    }

    private function tools(): void
    {
        $leaves = ['0.05 mm', '0.10 mm', '0.15 mm', '0.20 mm', '0.22 mm', '0.25 mm', '0.30 mm', '0.35 mm', '0.38 mm', '0.40 mm', '0.45 mm', '0.50 mm', '0.55 mm', '0.60 mm', '0.70 mm', '0.75 mm', '0.80 mm', '0.85 mm', '0.90 mm', '1.00 mm'];
        foreach ([
            ['b1', 'bore gauge B1', 'bore gauge', '0.003 mm', '0.001 mm', []],
            ['f1', 'feeler leaves F1', 'feeler leaves', null, null, $leaves],
            ['m2', 'micrometer M2', 'micrometer', '0.002 mm', '0.001 mm', []],
            ['m3', 'micrometer M3', 'micrometer', '0.003 mm', '0.002 mm', []],
        ] as [$id, $name, $kind, $doubt, $fixed, $set]) {
            Instrument::query()->create(['id' => $id, 'name' => $name, 'kind' => $kind, 'doubt' => $doubt, 'fixed' => $fixed, 'leaves' => $set]);
        }
    }

    private function ulvane(): void
    {
        $job = $this->job(214, 'ulvane-139r', 'Brannoch Moor Rescue', 3);
        $gauge = static fn (string $spot, string $deviation): array => ['spot' => $spot, 'reading' => (object) ['setting' => '2.1660 in', 'deviation' => $deviation], 'tool' => 'b1', 'set_with' => 'm2'];
        $forced = Uuid::uuid7()->toString();
        $this->log($job, [
            [-1, '14:20', 'isla', 'job_opened', ['condition' => 'whole', 'complaint' => 'Down on power at full throttle, rattles when cold.']],
            [-1, '15:02', 'petra', 'slab_lifted', ['slab' => 'barrel']],
            [-1, '15:10', 'petra', 'note_written', ['text' => 'Exhaust valve free after each piece, carbon off both halves.']],
            [-1, '16:20', 'petra', 'note_written', ['text' => 'Cross-hatch by pad, about 46 deg; washed, cloth clean, oiled.']],
            [0, '07:41', 'tomas', 'reading_taken', ['spot' => 'piston.1', 'reading' => '54.950 mm', 'tool' => 'm2']],
            [0, '07:48', 'tomas', 'reading_taken', $gauge('bore.1.across.12', '-0.0004 in')],
            [0, '07:49', 'tomas', 'reading_taken', $gauge('bore.1.along.12', '-0.0003 in')],
            [0, '07:56', 'tomas', 'reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => (object) ['passes' => '0.25 mm'], 'tool' => 'f1'], $forced],
            [0, '07:57', 'tomas', 'entry_struck', ['entry' => $forced, 'reason' => 'leaf was forced']],
            [0, '07:58', 'tomas', 'reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => (object) ['passes' => '0.20 mm', 'refuses' => '0.25 mm'], 'tool' => 'f1']],
        ]);
    }

    private function skarn(): void
    {
        $job = $this->job(217, 'skarn-594', 'Ferry slip, Isle of Brannoch', 8);
        $this->log($job, [
            [-1, '16:45', 'isla', 'job_opened', ['condition' => 'whole', 'complaint' => 'Smokes from the left pipe, slow to start. In use every day once the snow lies.']],
            [-1, '16:50', 'isla', 'note_written', ['text' => 'Owner says the left side was opened two winters ago.']],
        ]);
    }

    private function harbick(): void
    {
        $job = $this->job(209, 'harbick-421', 'Corrant crofts', 6);
        $bore = static fn (string $spot, string $size): array => ['spot' => $spot, 'reading' => $size, 'tool' => 'b1'];
        $this->log($job, [
            [-7, '09:05', 'isla', 'job_opened', ['condition' => 'whole', 'complaint' => 'Blue smoke under load, uses oil.']],
            [-7, '10:40', 'tomas', 'slab_lifted', ['slab' => 'barrel']],
            [-7, '11:15', 'tomas', 'reading_taken', ['spot' => 'piston.1', 'reading' => '85.952 mm', 'tool' => 'm3']],
            [-7, '11:22', 'tomas', 'reading_taken', $bore('bore.1.across.12', '86.036 mm')],
            [-7, '11:23', 'tomas', 'reading_taken', $bore('bore.1.along.12', '86.021 mm')],
            [-7, '11:25', 'tomas', 'reading_taken', $bore('bore.1.across.45', '86.031 mm')],
            [-7, '11:26', 'tomas', 'reading_taken', $bore('bore.1.along.45', '86.020 mm')],
            [-7, '11:28', 'tomas', 'reading_taken', $bore('bore.1.across.78', '86.022 mm')],
            [-7, '11:29', 'tomas', 'reading_taken', $bore('bore.1.along.78', '86.019 mm')],
            [-7, '11:40', 'tomas', 'reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => (object) ['passes' => '0.85 mm', 'refuses' => '0.90 mm'], 'tool' => 'f1']],
            [-7, '11:43', 'tomas', 'reading_taken', ['spot' => 'ring_gap.1.second', 'reading' => (object) ['passes' => '0.70 mm', 'refuses' => '0.75 mm'], 'tool' => 'f1']],
            [-7, '11:46', 'tomas', 'reading_taken', ['spot' => 'ring_gap.1.upper_rail', 'reading' => (object) ['passes' => '0.80 mm'], 'tool' => 'f1']],
            [-7, '11:55', 'isla', 'part_ordered', ['part' => 'Ring set, standard', 'promised' => $this->today->addDays(1)->format('Y-m-d'), 'for' => ['ring_gap', 'ring-on']]],
        ]);
    }

    private function job(int $number, string $slug, string $owner, int $promisedInDays): Job
    {
        $file = database_path('sheets/'.$slug.'.json');
        $sheet = Sheet::query()->create(['slug' => $slug, 'version' => 1, 'document' => (string) file_get_contents($file)]);

        return Job::query()->create(['number' => $number, 'engine_sheet_id' => $sheet->id, 'owner' => $owner, 'promised' => $this->today->addDays($promisedInDays)->format('Y-m-d')]);
    }

    /** @param  list<array{0: int, 1: string, 2: string, 3: string, 4: array<string, mixed>, 5?: string}>  $entries days from today, time, who, kind, payload, id */
    private function log(Job $job, array $entries): void
    {
        $record = new RecordEntries;
        $early = $this->aheadOfClock($entries);
        $people = User::query()->get()->keyBy('username');
        foreach ($entries as $entry) {
            [$days, $time, $who, $kind, $payload] = $entry;
            $at = $this->today->addDays($days)->setTimeFromTimeString($time)->subSeconds($days === 0 ? $early : 0);
            $sent = (object) ['id' => $entry[5] ?? Uuid::uuid7()->toString(), 'kind' => $kind, 'happened_at' => $at->utc()->format('Y-m-d\TH:i:s.v\Z'), 'payload' => JsonText::decode(JsonText::encode($payload))];
            $result = $record($job, $people[$who] ?? throw new RuntimeException($who), [$sent], null)[0];
            if ($result->state !== 'stored') {
                throw new RuntimeException(sprintf('The demo entry %s %s was refused: %s', $kind, json_encode($payload), $result->refusal?->message));
            }
        }
    }

    /**
     * By how many seconds today's entries would lie in the future if the day is young; they are moved back together.
     *
     * @param  list<array{0: int, 1: string, 2: string, 3: string, 4: array<string, mixed>, 5?: string}>  $entries
     */
    private function aheadOfClock(array $entries): int
    {
        $today = array_filter($entries, static fn (array $entry): bool => $entry[0] === 0);
        $last = $today === [] ? '00:00' : max(array_column($today, 1));
        $ahead = $this->today->setTimeFromTimeString($last)->getTimestamp() + 120 - CarbonImmutable::now()->getTimestamp();

        return max(0, $ahead);
    }
}
