<?php

namespace Database\Seeders;

use App\Calculations\JsonText;
use stdClass;

/** Machines at their valves and at the end: shims of a four, rods of a V, a triple’s six valves, a leak test, one that comes back. */
final class DemoClosing extends DemoBench
{
    public function run(): void
    {
        $this->ostrelShims();
        $this->pellgroveRods();
        $this->ferrantLash();
        $this->ulvaneUnderPressure();
        $this->harbickThatWentOut();
    }

    /** Sixteen clearances as found and the shims that were under them: the plan is to be made. */
    private function ostrelShims(): void
    {
        $job = $this->job(216, 'ostrel-608', 'Hollin Strand Couriers', 24);
        $found = [
            '1in1' => ['0.12', '0.13', '2.450'], '1in2' => ['0.18', '0.20', '2.500'], '1ex1' => ['0.15', '0.18', '2.550'], '1ex2' => ['0.22', '0.25', '2.475'],
            '2in1' => ['0.18', '0.20', '2.475'], '2in2' => ['0.10', '0.12', '2.525'], '2ex1' => ['0.18', '0.20', '2.500'], '2ex2' => ['0.22', '0.25', '2.525'],
            '3in1' => ['0.18', '0.20', '2.500'], '3in2' => ['0.12', '0.13', '2.500'], '3ex1' => ['0.28', '0.30', '2.450'], '3ex2' => ['0.22', '0.25', '2.500'],
            '4in1' => ['0.18', '0.20', '2.425'], '4in2' => ['0.18', '0.20', '2.450'], '4ex1' => ['0.12', '0.13', '2.550'], '4ex2' => ['0.18', '0.20', '2.475'],
        ];
        $minute = 10;
        $entries = [[-1, '09:00', 'isla', 'job_opened', ['condition' => 'whole', 'complaint' => 'Thirty thousand miles, hard to start warm, a tick from the left.', 'errands' => ['valve clearance']]],
            [-1, '09:03', 'tomas', 'step_done', ['step' => 'off.cover']],
            ...array_map(static fn (string $cylinder): array => [-1, '09:05', 'tomas', 'step_done', ['step' => 'off.plug.'.$cylinder]], ['1', '2', '3', '4'])];
        foreach ($found as $valve => [$passes, $refuses]) {
            $entries[] = [-1, sprintf('09:%02d', $minute++), 'tomas', 'reading_taken', ['spot' => 'valve_lash.'.$valve[0].'.'.$valve, 'reading' => (object) ['passes' => $passes.' mm', 'refuses' => $refuses.' mm'], 'tool' => 'f1']];
        }
        $this->log($job, $entries);
        $this->workOn($job, 'tomas', -1, '10:00', until: 'off.cam');
        $this->justNow($job, 'tomas', ...array_map(static fn (string $valve, array $read): array => ['shim_read', ['valve' => $valve, 'size' => $read[2].' mm', 'by' => 'micrometer']], array_keys($found), $found));
    }

    /** The same V with rods that are let out by their thread: the front ones are bleeding down. */
    private function pellgroveRods(): void
    {
        $document = JsonText::decode((string) file_get_contents(database_path('sheets/pellgrove-1092.json')));
        assert($document instanceof stdClass && $document->valve_train instanceof stdClass && $document->valve_train->setting instanceof stdClass);
        $document->id = 'pellgrove-1092-rods';
        $document->model = '1092, adjustable rods';
        $document->waits = [];
        $document->valve_train->rods = 'adjustable';
        $document->valve_train->setting->rods = (object) ['preload' => (object) ['min' => '2.8 mm', 'max' => '3.8 mm'], 'per_inch' => 24, 'flats' => 6, 'bleed_down' => '20 min'];
        $job = $this->jobOn(218, 'pellgrove-1092-rods', JsonText::encode($document), 'Isle of Brannoch Hotel', 26);
        $this->log($job, [[-1, '11:00', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'Noisy at the front cylinder, rods of another maker bought by the owner.', 'errands' => ['cam chest']]],
            ...$this->ofCams('pellgrove-1092', [-1, '11:20', 'tomas'])]);
        $this->workOn($job, 'tomas', -1, '13:00', until: 'on.rods.front');
        $this->justNow($job, 'tomas', ['rod_read', ['valve' => 'frontin', 'length' => '268.4 mm']], ['rod_read', ['valve' => 'frontex', 'length' => '274.3 mm']]);
    }

    /** Six valves in as few turns as there can be: the first of them read. */
    private function ferrantLash(): void
    {
        $job = $this->job(220, 'ferrant-738', 'Kestle Hill peat road', 28);
        $this->log($job, [
            [-1, '14:00', 'isla', 'job_opened', ['condition' => 'whole', 'complaint' => 'Set the valves, it has run five hundred miles since.', 'errands' => ['valve clearance']]],
            [-1, '14:20', 'petra', 'step_done', ['step' => 'off.cover']],
            ...array_map(static fn (string $cylinder): array => [-1, '14:24', 'petra', 'step_done', ['step' => 'off.plug.'.$cylinder]], ['1', '2', '3']),
        ]);
    }

    /** Under pressure for two minutes, and falling faster than it may. */
    private function ulvaneUnderPressure(): void
    {
        $job = $this->job(222, 'ulvane-139r', 'Brannoch Moor Rescue', 30);
        $this->log($job, [
            [-2, '09:00', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'Lean at the top, crank seals done elsewhere.', 'errands' => ['head']]],
            ...$this->restInOrder('ulvane-139r', [-2, '09:20', 'petra'], ['cranking_compression', 'piston', 'bore', 'ring_gap', 'piston_clearance', 'deck', 'squish', 'chamber_volume']),
        ]);
        $this->workOn($job, 'petra', -2, '13:00');
        $this->log($job, [[-1, '09:10', 'petra', 'reading_taken', ['spot' => 'squish.1', 'tool' => 'm4', 'held' => (object) ['fasteners' => 6, 'of' => 6, 'full' => true],
            'reading' => (object) ['front' => '1.12 mm', 'rear' => '1.08 mm', 'pin left' => '1.10 mm', 'pin right' => '1.10 mm']]]]);
        $this->workOn($job, 'petra', -1, '09:30', until: 'on.plug.1');
        $this->justNow($job, 'petra', ['leak_gauge_read', ['starts' => true, 'pressure' => '46 kPa']],
            ['leak_gauge_read', ['pressure' => '44.1 kPa', 'after' => '60 s']], ['leak_gauge_read', ['pressure' => '41.9 kPa', 'after' => '2 min']], ['leak_found', ['where' => 'exhaust plug of the rig', 'how' => 'soap']]);
    }

    /** Out since a fortnight, and soon due to be looked at. */
    private function harbickThatWentOut(): void
    {
        $job = $this->job(204, 'harbick-421', 'Corrant crofts', -14);
        $this->log($job, [
            [-22, '09:10', 'isla', 'job_opened', ['condition' => 'whole', 'complaint' => 'Used oil; bored out, new piston.', 'errands' => ['look']]],
            [-16, '15:00', 'tomas', 'run_in_planned', ['hours_per_week' => 3, 'stages' => [['until' => '2 h', 'throttle' => 'half', 'note' => 'light trailer work only'], ['until' => '6 h', 'throttle' => 'three quarters']],
                'rechecks' => [['what' => 'oil changed', 'hours' => '6 h'], ['what' => 'valve clearance, cold', 'hours' => '10 h', 'days' => 90]]]],
            [-15, '16:30', 'isla', 'handed_over', ['note' => 'running in explained, sheet given']],
        ]);
    }
}
