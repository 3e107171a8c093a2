<?php

namespace Database\Seeders;

use App\Calculations\JsonText;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Role;
use App\Models\Shelf;
use App\Models\ShopSettings;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Document\Fields;
use Ramsey\Uuid\Uuid;
use stdClass;

/** Brannoch Slip Engine Room: three people, their tools, and engines in different states. Everything is made up. */
final class DemoSeeder extends DemoBench
{
    /** The numbers of its jobs. */
    public const JOBS = [187, 203, 204, 209, 214, 215, 216, 217, 218, 219, 220, 221, 222, 223, 224, 226, 227, 228, 229, 230, 231];

    /** In one go: all of it or nothing, and sealed. */
    public function run(): void
    {
        DB::transaction($this->fill(...));
    }

    private function fill(): void
    {
        $this->shop();
        $this->people();
        $this->tools();
        $this->ulvane();
        $this->skarn();
        $this->harbick();
        $this->ostrel();
        $this->pellgrove();
        $this->ferrant();
        $this->brindlecote();
        $this->dunmoor();
        $this->harbickWithKit();
        $this->ostrelAtTheHead();
        $this->ulvaneAtTheSquish();
        $this->skarnAtTheDeck();
        $this->callSilent(DemoTiming::class);
        $this->callSilent(DemoClosing::class);
        foreach (['Bench 1' => 214, 'Bench 2' => 203, 'Bench 3' => 220] as $bench => $number) {
            Job::query()->where('number', $number)->update(['bench' => $bench]);
        }
        foreach ([['Base gasket', 'harbick-421', 2], ['Circlips', 'ulvane-139r', 4], ['Base gasket', 'ulvane-139r', 1], ['Oil filter', '', 6], ['Head gasket or O-rings', 'dunmoor-208sv', 1], ['Exhaust valve seals', 'skarn-594', 1],
            ['Base gasket 0.25', 'ulvane-139r', 2], ['Base gasket 0.40', 'ulvane-139r', 1], ['Base gasket 0.50', 'ulvane-139r', 3],
            ['Base gasket 0.40', 'skarn-594', 1], ['Base gasket 0.60', 'skarn-594', 2], ['Head gasket 0.75', 'ostrel-608', 1],
            ['Shim 2.40 mm', 'ostrel-608', 1], ['Shim 2.45 mm', 'ostrel-608', 2], ['Shim 2.60 mm', 'ostrel-608', 1]] as [$part, $fits, $count]) {
            Shelf::put($part, $fits, $count);
        }
    }

    private function shop(): void
    {
        // the ferry leaves on Saturdays at noon
        ShopSettings::read(Fields::of((object) [
            'name' => 'Brannoch Slip Engine Room', 'zone' => 'Europe/London',
            'hours' => (object) (array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], ['08:00-12:00', '13:00-17:00']) + ['sat' => ['08:00-12:00']]),
            'benches' => ['Bench 1', 'Bench 2', 'Bench 3'],
            'suppliers' => [(object) ['name' => 'Dearg Parts', 'days' => 3], (object) ['name' => 'Mainland Gaskets', 'days' => 6]],
        ], ...ShopSettings::KEYS))->keep();
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
        $leaves = ['0.02 mm', '0.03 mm', '0.04 mm', '0.05 mm', '0.06 mm', '0.07 mm', '0.08 mm', '0.10 mm', '0.12 mm', '0.13 mm', '0.15 mm', '0.18 mm', '0.20 mm', '0.22 mm', '0.25 mm', '0.28 mm', '0.30 mm', '0.35 mm', '0.38 mm', '0.40 mm', '0.45 mm', '0.50 mm', '0.55 mm', '0.60 mm', '0.70 mm', '0.75 mm', '0.80 mm', '0.85 mm', '0.90 mm', '1.00 mm'];
        // id, name, kind, doubt, shared part of it, leaves, range, resolution, checked and next check in days from today, length
        foreach ([
            ['b1', 'bore gauge B1', 'bore gauge', '0.003 mm', '0.001 mm', [], '50 to 160 mm', '0.001 mm', -40, 325],
            ['c1', 'caliper C1', 'caliper', '0.03 mm', '0.02 mm', [], '0 to 150 mm', '0.01 mm', -200, 165],
            ['d1', 'dial indicator D1', 'dial indicator', '0.005 mm', null, [], '0 to 10 mm', '0.01 mm', -90, 275],
            ['f1', 'feeler leaves F1', 'feeler leaves', null, null, $leaves, '0.02 to 1.00 mm', null, -120, 245],
            ['g1', 'small-hole gauges G1', 'small-hole gauge', '0.002 mm', null, [], '3 to 25 mm', null, -40, 325],
            ['m2', 'micrometer M2', 'micrometer', '0.002 mm', '0.001 mm', [], '50 to 75 mm', '0.001 mm', -40, 325],
            ['m3', 'micrometer M3', 'micrometer', '0.003 mm', '0.002 mm', [], '75 to 100 mm', '0.001 mm', -40, 325],
            ['m4', 'micrometer M4', 'micrometer', '0.002 mm', '0.001 mm', [], '0 to 25 mm', '0.001 mm', -400, -35],
            ['p1', 'pressure gauge P1', 'pressure gauge', null, null, [], '0 to 2000 kPa', '10 kPa', -60, 305],
            ['r1', 'setting ring 66', 'setting ring', '0.001 mm', null, [], '66.200 mm', null, -40, 325],
            ['w1', 'torque wrench W1', 'torque wrench', '0.5 N·m', null, [], '5 to 50 N·m', '0.5 N·m', -60, 305, '280 mm'],
            ['w2', 'torque wrench W2', 'torque wrench', '2 N·m', null, [], '20 to 200 N·m', '1 N·m', -400, -35, '440 mm'],
            ['w3', 'torque wrench W3', 'torque wrench', '3 lbf·in', null, [], '20 to 150 lbf·in', '1 lbf·in', -60, 305, '190 mm'],
            ['a1', 'open end 12', 'torque adapter', null, null, [], null, null, null, null, '50 mm'],
            ['a2', 'ring end 10', 'torque adapter', null, null, [], null, null, null, null, '62 mm'],
            ['e1', 'degree wheel E1', 'degree wheel', '0.3 deg', null, [], '360 deg', '1 deg', -60, 305],
            ['v1', 'burette V1', 'burette', '0.1 cc', null, [], '0 to 50 cc', '0.1 cc', -60, 305],
            ['s1', 'crushed strip, green', 'crushed strip', '0.006 mm', null, [], '0.025 to 0.076 mm', '0.013 mm', null, null],
        ] as $tool) {
            [$id, $name, $kind, $doubt, $fixed, $set, $range, $resolution, $checked, $next] = $tool;
            Instrument::query()->create([
                'id' => $id, 'name' => $name, 'kind' => $kind, 'doubt' => $doubt, 'fixed' => $fixed, 'leaves' => $set, 'range' => $range, 'resolution' => $resolution, 'length' => $tool[10] ?? null,
                'checked_on' => $checked === null ? null : $this->today->addDays($checked)->format('Y-m-d'),
                'next_check' => $next === null ? null : $this->today->addDays($next)->format('Y-m-d'),
            ]);
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
            [-7, '11:22', 'tomas', 'reading_taken', $bore('bore.1.across.12', '86.043 mm')],
            [-7, '11:23', 'tomas', 'reading_taken', $bore('bore.1.along.12', '86.028 mm')],
            [-7, '11:25', 'tomas', 'reading_taken', $bore('bore.1.across.45', '86.031 mm')],
            [-7, '11:26', 'tomas', 'reading_taken', $bore('bore.1.along.45', '86.020 mm')],
            [-7, '11:28', 'tomas', 'reading_taken', $bore('bore.1.across.78', '86.022 mm')],
            [-7, '11:29', 'tomas', 'reading_taken', $bore('bore.1.along.78', '86.019 mm')],
            [-7, '11:40', 'tomas', 'reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => (object) ['passes' => '0.85 mm', 'refuses' => '0.90 mm'], 'tool' => 'f1']],
            [-7, '11:43', 'tomas', 'reading_taken', ['spot' => 'ring_gap.1.second', 'reading' => (object) ['passes' => '0.70 mm', 'refuses' => '0.75 mm'], 'tool' => 'f1']],
            [-7, '11:46', 'tomas', 'reading_taken', ['spot' => 'ring_gap.1.upper_rail', 'reading' => (object) ['passes' => '0.80 mm'], 'tool' => 'f1']],
            [-7, '11:49', 'tomas', 'reading_taken', ['spot' => 'ring_gap.1.lower_rail', 'reading' => (object) ['passes' => '0.80 mm'], 'tool' => 'f1']],
            ...$this->restInOrder('harbick-421', [-7, '13:00', 'tomas'], ['ring_gap', 'piston_clearance', 'valve_lash']),
            [-7, '16:55', 'isla', 'part_ordered', ['part' => 'Ring set', 'promised' => $this->today->addDays(1)->format('Y-m-d'), 'for' => ['on.base-gasket']]],
        ]);
        $this->workOn($job, 'tomas', -6, '09:00');
    }

    /** Four bores and five pistons read: ready to be paired. */
    private function ostrel(): void
    {
        $job = $this->job(221, 'ostrel-608', 'Hollin Strand Couriers', 11);
        $pistons = ['1' => '66.170', '2' => '66.176', '3' => '66.169', '4' => '66.172'];
        $bores = ['1' => [66.212, 66.214, 66.211, 66.212, 66.208, 66.209], '2' => [66.209, 66.211, 66.208, 66.209, 66.206, 66.207], '3' => [66.214, 66.218, 66.212, 66.213, 66.209, 66.210], '4' => [66.210, 66.212, 66.209, 66.210, 66.207, 66.208]];
        $entries = [
            [-3, '08:20', 'isla', 'job_opened', ['condition' => 'whole', 'complaint' => 'Uses oil between ferries; a smell of it when warm.']],
            [-3, '08:55', 'tomas', 'reading_taken', ['spot' => 'cranking_compression.1', 'reading' => '1160 kPa', 'tool' => 'p1']],
            [-3, '08:58', 'tomas', 'reading_taken', ['spot' => 'cranking_compression.2', 'reading' => '1180 kPa', 'tool' => 'p1']],
            [-3, '09:01', 'tomas', 'reading_taken', ['spot' => 'cranking_compression.3', 'reading' => '985 kPa', 'tool' => 'p1']],
            [-3, '09:04', 'tomas', 'reading_taken', ['spot' => 'cranking_compression.4', 'reading' => '1150 kPa', 'tool' => 'p1']],
            [-3, '13:30', 'tomas', 'slab_lifted', ['slab' => 'barrel']],
        ];
        $minute = 0;
        foreach ($bores as $cylinder => $map) {
            $entries[] = [-2, sprintf('09:%02d', $minute++), 'tomas', 'reading_taken', ['spot' => 'piston.'.$cylinder, 'reading' => $pistons[$cylinder].' mm', 'tool' => 'm2']];
            foreach (['across.10', 'along.10', 'across.35', 'along.35', 'across.60', 'along.60'] as $index => $place) {
                $entries[] = [-2, sprintf('09:%02d', $minute++), 'tomas', 'reading_taken', ['spot' => 'bore.'.$cylinder.'.'.$place, 'reading' => number_format($map[$index], 3).' mm', 'tool' => 'b1']];
            }
        }
        $entries[] = [-2, '11:10', 'petra', 'note_written', ['text' => 'Chain guide in its slot and whole; wear on the slipper even.']];
        $marks = ['bore.1' => 'B', 'bore.2' => 'A', 'bore.3' => 'B', 'bore.4' => 'B', 'piston.1' => 'A', 'piston.2' => 'B', 'piston.3' => 'A', 'piston.4' => 'B',
            'case_at_main.1' => '5', 'crank_at_main.1' => '2', 'case_at_main.2' => '5', 'crank_at_main.2' => '3', 'case_at_main.3' => '4', 'crank_at_main.3' => '1',
            'rod.1' => '3', 'crankpin.1' => '1', 'rod.2' => '3', 'crankpin.2' => '2'];
        foreach ($marks as $place => $mark) {
            $entries[] = [-1, '15:30', 'petra', 'mark_read', ['place' => $place, 'mark' => $mark]];
        }
        $this->log($job, $entries);
    }

    /** A V-twin nearly together. */
    private function pellgrove(): void
    {
        $job = $this->job(203, 'pellgrove-1092', 'Sound Rangers', 1);
        $this->log($job, [
            [-9, '09:00', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'Knocks when hot; rear cylinder oiled its plug.']],
            [-8, '10:00', 'tomas', 'reading_taken', ['spot' => 'piston.front', 'reading' => '91.936 mm', 'tool' => 'm3']],
            [-8, '10:06', 'tomas', 'reading_taken', ['spot' => 'bore.front.across.14', 'reading' => '92.004 mm', 'tool' => 'b1']],
            [-8, '10:08', 'tomas', 'reading_taken', ['spot' => 'bore.front.along.14', 'reading' => '92.002 mm', 'tool' => 'b1']],
            [-8, '10:30', 'tomas', 'reading_taken', ['spot' => 'piston.rear', 'reading' => '91.934 mm', 'tool' => 'm3']],
            [-8, '10:36', 'tomas', 'reading_taken', ['spot' => 'bore.rear.across.14', 'reading' => '92.005 mm', 'tool' => 'b1']],
            [-8, '10:38', 'tomas', 'reading_taken', ['spot' => 'bore.rear.along.14', 'reading' => '92.004 mm', 'tool' => 'b1']],
            ...$this->bores('front', ['across.55' => '92.003', 'along.55' => '92.002', 'across.100' => '92.001', 'along.100' => '92.000']),
            ...$this->bores('rear', ['across.55' => '92.006', 'along.55' => '92.005', 'across.100' => '92.003', 'along.100' => '92.003']),
            ...$this->rings('rear'),
            [-7, '09:10', 'tomas', 'reading_taken', ['spot' => 'ring_gap.front.top', 'reading' => (object) ['passes' => '0.40 mm', 'refuses' => '0.45 mm'], 'tool' => 'f1']],
            [-7, '09:14', 'tomas', 'reading_taken', ['spot' => 'ring_gap.front.second', 'reading' => (object) ['passes' => '0.35 mm', 'refuses' => '0.38 mm'], 'tool' => 'f1']],
            [-7, '09:20', 'tomas', 'reading_taken', ['spot' => 'ring_gap.front.upper_rail', 'reading' => (object) ['passes' => '0.50 mm', 'refuses' => '0.55 mm'], 'tool' => 'f1']],
            [-7, '09:24', 'tomas', 'reading_taken', ['spot' => 'ring_gap.front.lower_rail', 'reading' => (object) ['passes' => '0.50 mm', 'refuses' => '0.55 mm'], 'tool' => 'f1']],
            [-7, '09:40', 'tomas', 'act_done', ['act' => 'ring filed', 'cylinder' => 'front', 'ring' => 'second', 'note' => 'a tenth, both ends dressed']],
            [-7, '09:44', 'tomas', 'reading_taken', ['spot' => 'ring_gap.front.second', 'reading' => (object) ['passes' => '0.45 mm', 'refuses' => '0.50 mm'], 'tool' => 'f1']],
            ...$this->restInOrder('pellgrove-1092', [-6, '08:00', 'tomas'], ['cranking_compression', 'ring_gap']),
            [-5, '10:20', 'tomas', 'gaps_placed', ['cylinder' => 'front', 'school' => 'quarters', 'angles' => ['top' => '45 deg', 'second' => '225 deg', 'upper_rail' => '135 deg', 'expander' => '45 deg', 'lower_rail' => '315 deg']]],
            [-5, '10:25', 'petra', 'ledger_in', ['what' => 'rag in the cases', 'slab' => 'case']],
            [-5, '16:40', 'petra', 'ledger_out', ['what' => 'rag in the cases']],
        ]);
        $this->workOn($job, 'tomas', -4, '08:00', until: 'pull.rockers-front');
    }

    /**
     * @param  array<string, string>  $sizes
     * @return list<array{0: int, 1: string, 2: string, 3: string, 4: array<string, mixed>}>
     */
    private function bores(string $cylinder, array $sizes): array
    {
        return array_map(static fn (string $place, string $size): array => [-8, '11:00', 'tomas', 'reading_taken', ['spot' => "bore.$cylinder.$place", 'reading' => $size.' mm', 'tool' => 'b1']], array_keys($sizes), $sizes);
    }

    /** @return list<array{0: int, 1: string, 2: string, 3: string, 4: array<string, mixed>}> */
    private function rings(string $cylinder): array
    {
        $gap = static fn (string $ring, string $passes, string $refuses): array => [-7, '10:00', 'tomas', 'reading_taken', ['spot' => "ring_gap.$cylinder.$ring", 'reading' => (object) ['passes' => $passes, 'refuses' => $refuses], 'tool' => 'f1']];

        return [$gap('top', '0.40 mm', '0.45 mm'), $gap('second', '0.45 mm', '0.50 mm'), $gap('upper_rail', '0.50 mm', '0.55 mm'), $gap('lower_rail', '0.50 mm', '0.55 mm')];
    }

    /** The job that the triple has come back from, long handed over. */
    private function ferrantBefore(): void
    {
        $job = $this->job(187, 'ferrant-738', 'M. Tarrow', -170);
        $read = static fn (string $spot, string $size): array => [-178, '10:00', 'tomas', 'reading_taken', ['spot' => $spot, 'reading' => $size, 'tool' => str_starts_with($spot, 'bore') ? 'b1' : (str_starts_with($spot, 'piston') ? 'm2' : 'p1')]];
        $this->log($job, [
            [-180, '09:10', 'isla', 'job_opened', ['condition' => 'whole', 'complaint' => 'Uses oil, one cylinder low.']],
            $read('cranking_compression.1', '142 psi'), $read('cranking_compression.2', '139 psi'), $read('cranking_compression.3', '118 psi'),
            [-178, '11:00', 'tomas', 'slab_lifted', ['slab' => 'barrel']],
            $read('piston.1', '65.942 mm'), $read('piston.2', '65.941 mm'), $read('piston.3', '65.938 mm'),
            ...array_map(static fn (string $cylinder): array => $read('bore.'.$cylinder.'.across.12', '66.00'.$cylinder.' mm'), ['1', '2', '3']),
            [-176, '15:20', 'tomas', 'note_written', ['text' => 'Tube seals from an old set, a little hard; the owner did not want to wait.']],
            [-171, '16:30', 'tomas', 'open_end', ['text' => 'Pushrod tube seals fitted under protest: look at them after five hundred miles.']],
            [-170, '17:00', 'isla', 'handed_over', ['note' => 'running in explained']],
        ]);
    }

    private function ferrant(): void
    {
        $this->ferrantBefore();
        $job = $this->job(224, 'ferrant-738', 'M. Tarrow', 21);
        $this->log($job, [
            [-1, '11:30', 'isla', 'job_opened', ['condition' => 'whole', 'complaint' => 'Oil at the right pushrod tube, eight hundred miles after it was last apart.', 'errands' => ['head', 'look']]],
            [-1, '11:50', 'petra', 'reading_taken', ['spot' => 'cranking_compression.1', 'reading' => '136 psi', 'tool' => 'p1']],
            [-1, '11:53', 'petra', 'reading_taken', ['spot' => 'cranking_compression.2', 'reading' => '134 psi', 'tool' => 'p1']],
        ]);
    }

    private function brindlecote(): void
    {
        $job = $this->job(219, 'brindlecote-812', 'Brannoch Estate', 9);
        $this->log($job, [
            [-5, '10:00', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'Overheated on the hill; low oil pressure since.']],
            [-4, '09:20', 'tomas', 'reading_taken', ['spot' => 'piston.1', 'reading' => '82.452 mm', 'tool' => 'm3']],
            [-4, '09:25', 'tomas', 'reading_taken', ['spot' => 'bore.1.across.12', 'reading' => '82.566 mm', 'tool' => 'b1']],
            [-4, '09:27', 'tomas', 'reading_taken', ['spot' => 'bore.1.along.12', 'reading' => '82.520 mm', 'tool' => 'b1']],
            [-4, '09:29', 'tomas', 'reading_taken', ['spot' => 'bore.1.across.50', 'reading' => '82.540 mm', 'tool' => 'b1']],
            [-4, '09:31', 'tomas', 'reading_taken', ['spot' => 'bore.1.along.50', 'reading' => '82.512 mm', 'tool' => 'b1']],
            [-4, '09:33', 'tomas', 'reading_taken', ['spot' => 'bore.1.across.92', 'reading' => '82.518 mm', 'tool' => 'b1']],
            [-4, '09:35', 'tomas', 'reading_taken', ['spot' => 'bore.1.along.92', 'reading' => '82.506 mm', 'tool' => 'b1']],
            [-4, '10:02', 'tomas', 'reading_taken', ['spot' => 'main_oil_clearance.1', 'reading' => '0.064 mm', 'tool' => 's1']],
            [-4, '10:20', 'tomas', 'reading_taken', ['spot' => 'main_oil_clearance.2', 'reading' => (object) ['at_least' => '0.076 mm'], 'tool' => 's1']],
        ]);
    }

    /** The slipway pump: one of every verdict. */
    private function dunmoor(): void
    {
        $job = $this->job(226, 'dunmoor-208sv', 'Harbour office', 5);
        $leaf = static fn (string $spot, array $leaves): array => ['spot' => $spot, 'reading' => (object) $leaves, 'tool' => 'f1'];
        $this->log($job, [
            [-2, '08:10', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'Hard to start when hot, no suction at the slip.']],
            [-2, '09:00', 'petra', 'reading_taken', ['spot' => 'piston.1', 'reading' => '67.925 mm', 'tool' => 'm2']],
            [-2, '09:06', 'petra', 'reading_taken', ['spot' => 'bore.1.across.10', 'reading' => '68.038 mm', 'tool' => 'b1']],
            [-2, '09:07', 'petra', 'reading_taken', ['spot' => 'bore.1.along.10', 'reading' => '68.019 mm', 'tool' => 'b1']],
            [-2, '09:20', 'petra', 'reading_taken', $leaf('ring_gap.1.top', ['passes' => '0.30 mm', 'refuses' => '0.35 mm'])],
            [-2, '09:24', 'petra', 'reading_taken', $leaf('ring_gap.1.second', ['passes' => '0.15 mm', 'refuses' => '0.20 mm'])],
            [-2, '09:28', 'petra', 'reading_taken', $leaf('ring_gap.1.upper_rail', ['passes' => '0.40 mm', 'refuses' => '0.45 mm'])],
            [-2, '09:50', 'petra', 'reading_taken', $leaf('valve_lash.1.1ex', ['refuses' => '0.15 mm'])],
            [-2, '09:52', 'petra', 'reading_taken', $leaf('valve_lash.1.1in', ['passes' => '0.15 mm', 'drags' => '0.18 mm'])],
        ]);
    }

    /** The same engine with parts of other makers: a larger bore, its gasket, and limits that come with them. */
    private function harbickWithKit(): void
    {
        $document = JsonText::decode((string) file_get_contents(database_path('sheets/harbick-421.json')));
        assert($document instanceof stdClass && $document->piston instanceof stdClass);
        $document->id = 'harbick-421-kit';
        $document->model = '421 Yard, 88 kit';
        $document->piston->type = 'forged';
        $document->piston->sizes = [(object) ['label' => 'standard', 'piston' => '87.935 mm']];
        $document->substitutions = JsonText::decode(JsonText::encode([
            ['replaces' => 'barrel and piston', 'by' => 'barrel of 88 mm with a forged piston', 'source' => 'piston maker', 'bore' => '88.0 mm',
                'limits' => [['quantity' => 'piston_clearance', 'source' => 'piston maker', 'min' => '0.060 mm', 'max' => '0.075 mm', 'note' => 'forged'],
                    ['quantity' => 'ring_gap', 'of' => ['top', 'second'], 'source' => 'ring maker', 'min' => '0.35 mm', 'max' => '0.50 mm']],
                'confirmed' => ['displacement']],
            ['replaces' => 'head gasket', 'by' => 'gasket for the 88 mm bore', 'source' => 'gasket maker', 'gasket_opening' => '88.8 mm', 'confirmed' => []],
        ]));
        $job = $this->jobOn(228, 'harbick-421-kit', JsonText::encode($document), 'Kestle Hill peat road', 16);
        $this->log($job, [
            [-1, '10:10', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'Kit bought by the owner, to be measured before it goes on.', 'errands' => ['put together']]],
            [-1, '10:40', 'tomas', 'reading_taken', ['spot' => 'piston.1', 'reading' => '87.936 mm', 'tool' => 'm3']],
            [-1, '10:46', 'tomas', 'reading_taken', ['spot' => 'bore.1.across.12', 'reading' => '88.004 mm', 'tool' => 'b1']],
            [-1, '10:47', 'tomas', 'reading_taken', ['spot' => 'bore.1.along.12', 'reading' => '88.003 mm', 'tool' => 'b1']],
        ]);
    }

    /** A head under the wrench: the telephone rang in the second stage. */
    private function ostrelAtTheHead(): void
    {
        $job = $this->job(229, 'ostrel-608', 'Hollin Strand Couriers', 4);
        $this->log($job, [
            [-2, '08:30', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'Head gasket weeping at the back, oil on the fins.', 'errands' => ['head']]],
            ...$this->restInOrder('ostrel-608', [-2, '09:00', 'tomas'], ['cranking_compression', 'valve_lash', 'piston', 'bore', 'ring_gap', 'piston_clearance']),
        ]);
        $this->workOn($job, 'tomas', -1, '08:00', until: 'pull.head', pulls: 15);
    }

    /** A barrel that is pulled and a crown that stands too deep: wire under the head, one of four not crushed at the first try. */
    private function ulvaneAtTheSquish(): void
    {
        $job = $this->job(230, 'ulvane-139r', 'Brannoch Moor Rescue', 5);
        $this->log($job, [
            [-2, '09:10', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'The rescue’s second machine: flat at the top, new piston bought by the owner.', 'errands' => ['put together']]],
            ...$this->restInOrder('ulvane-139r', [-2, '10:00', 'tomas'], ['squish', 'cranking_compression']),
            ...$this->boresOf('1', '54.950 mm', ['12', '30', '68'], '55.007 mm', [-2, '11:30', 'tomas']),
        ]);
        $this->workOn($job, 'tomas', -1, '08:00');
        $crown = static fn (array $points): object => (object) $points;
        $this->log($job, [
            [-1, '16:02', 'tomas', 'reading_taken', ['spot' => 'deck.1', 'tool' => 'd1', 'reading' => $crown(['front' => '0.38 mm', 'rear' => '0.34 mm', 'pin left' => '0.36 mm', 'pin right' => '0.36 mm'])]],
            [-1, '16:20', 'tomas', 'reading_taken', ['spot' => 'chamber_volume.1', 'tool' => 'v1', 'reading' => (object) ['first' => '12.3 cc', 'second' => '12.2 cc']]],
            [-1, '16:31', 'tomas', 'reading_taken', ['spot' => 'squish.1', 'tool' => 'm4', 'held' => (object) ['fasteners' => 6, 'of' => 6, 'full' => true],
                'reading' => $crown(['front' => '1.44 mm', 'rear' => '1.38 mm', 'pin left' => '1.41 mm', 'pin right' => (object) ['uncrushed' => '1.20 mm']])]],
            [-1, '16:44', 'tomas', 'reading_taken', ['spot' => 'squish.1', 'tool' => 'm4', 'held' => (object) ['fasteners' => 6, 'of' => 6, 'full' => true],
                'reading' => $crown(['front' => '1.44 mm', 'rear' => '1.38 mm', 'pin left' => '1.41 mm', 'pin right' => '1.42 mm'])]],
        ]);
    }

    /** The ferry slip’s other sledge: deck read by bridge and leaves on both cylinders, the head not yet on. */
    private function skarnAtTheDeck(): void
    {
        $job = $this->job(231, 'skarn-594', 'Ferry slip, Isle of Brannoch', 12);
        $crown = static fn (array $points): object => (object) $points;
        $leaves = static fn (string $passes, string $refuses): object => (object) ['passes' => $passes, 'refuses' => $refuses];
        $this->log($job, [
            [-2, '13:10', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'Plated barrel back from the works, to go together.', 'errands' => ['put together']]],
            ...$this->restInOrder('skarn-594', [-2, '13:30', 'petra'], ['deck', 'squish', 'cranking_compression']),
            ...$this->boresOf('left', '72.412 mm', ['14', '36', '80'], '72.512 mm', [-2, '15:00', 'petra']),
            ...$this->boresOf('right', '72.412 mm', ['14', '36', '80'], '72.510 mm', [-2, '15:20', 'petra']),
        ]);
        $this->workOn($job, 'petra', -1, '08:00');
        $this->log($job, [
            [-1, '15:40', 'petra', 'reading_taken', ['spot' => 'deck.left', 'tool' => 'f1', 'reading' => $crown(['front' => $leaves('0.55 mm', '0.60 mm'), 'rear' => $leaves('0.50 mm', '0.55 mm'), 'pin left' => $leaves('0.55 mm', '0.60 mm'), 'pin right' => $leaves('0.50 mm', '0.55 mm')])]],
            [-1, '15:52', 'petra', 'reading_taken', ['spot' => 'deck.right', 'tool' => 'f1', 'reading' => $crown(['front' => $leaves('0.50 mm', '0.55 mm'), 'rear' => $leaves('0.50 mm', '0.55 mm')])]],
        ]);
    }
}
