<?php

namespace Database\Seeders;

use App\Models\Job;

/** Machines on the timing bench: an ignition closing in, a cam a tooth off, a cam read on the degree wheel, a V with two tops. */
final class DemoTiming extends DemoBench
{
    public function run(): void
    {
        $this->ulvaneAtThePoint();
        $this->harbickAToothOff();
        $this->ostrelOnTheWheel();
        $this->pellgroveTops();
    }

    /** The point came in late; the plate was moved once, and it is still late. */
    private function ulvaneAtThePoint(): void
    {
        $job = $this->job(215, 'ulvane-139r', 'Brannoch Moor Rescue', 2);
        $this->log($job, [
            [-1, '10:10', 'isla', 'job_opened', ['condition' => 'whole', 'complaint' => 'Flat above half throttle, the plate was off for the crank seal.', 'errands' => ['ignition']]],
            [-1, '10:30', 'tomas', 'step_done', ['step' => 'off.rotor-cover']],
            [-1, '10:33', 'tomas', 'step_done', ['step' => 'off.plug.1']],
            [-1, '10:36', 'tomas', 'dead_centre_read', ['cylinder' => '1', 'way' => 'stop', 'before' => '338.5 deg', 'after' => '22.9 deg']],
            [-1, '10:39', 'tomas', 'dead_centre_read', ['cylinder' => '1', 'way' => 'stop', 'before' => '331.0 deg', 'after' => '30.2 deg']],
            [-1, '10:41', 'tomas', 'wheel_set', ['cylinder' => '1']],
            [-1, '10:48', 'tomas', 'ignition_read', ['dial' => '1.45 mm', 'seen_by' => 'meter', 'tool' => 'd1']],
            [-1, '10:55', 'tomas', 'step_done', ['step' => 'off.rotor']],
            [-1, '11:02', 'tomas', 'ignition_moved', ['way' => 'advance', 'rim' => '0.8 mm']],
        ]);
        $this->workOn($job, 'tomas', -1, '11:05', until: 'pull.rotor');
        $this->justNow($job, 'tomas', ['ignition_read', ['dial' => '1.66 mm', 'seen_by' => 'meter', 'tool' => 'd1']]);
    }

    /** The chain went back over its wheel one tooth late. */
    private function harbickAToothOff(): void
    {
        $job = $this->job(223, 'harbick-421', 'Corrant crofts', 3);
        $this->log($job, [
            [-2, '09:10', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'Chain changed elsewhere, starts badly since.', 'errands' => ['cam']]],
            ...$this->ofCams('harbick-421', [-2, '09:40', 'petra']),
        ]);
        $this->workOn($job, 'petra', -1, '08:30', until: 'on.tensioner');
        $this->justNow($job, 'petra', ['cam_marks_read', ['cam' => 'cam', 'off' => '11 deg']]);
    }

    /** Both cams at their marks, the inlet read late on the degree wheel. */
    private function ostrelOnTheWheel(): void
    {
        $job = $this->job(227, 'ostrel-608', 'Hollin Strand Couriers', 6);
        $this->log($job, [
            [-2, '10:00', 'isla', 'job_opened', ['condition' => 'apart', 'complaint' => 'Other cams fitted by the owner, no power low down.', 'errands' => ['cam']]],
            ...$this->ofCams('ostrel-608', [-2, '10:20', 'tomas']),
        ]);
        $this->workOn($job, 'tomas', -1, '08:00', until: 'on.tensioner');
        $this->justNow($job, 'tomas',
            ['cam_marks_read', ['cam' => 'inlet', 'off' => '1.4 deg']],
            ['cam_marks_read', ['cam' => 'exhaust', 'off' => '0 deg']],
            ['cam_events_read', ['cylinder' => '1', 'side' => 'inlet', 'opens' => '10 deg', 'closes' => '54 deg', 'lift' => '1.00 mm', 'tool' => 'e1']],
            ['cam_events_read', ['cylinder' => '1', 'side' => 'exhaust', 'opens' => '47 deg', 'closes' => '13 deg', 'lift' => '1.00 mm', 'tool' => 'e1']],
        );
    }

    /** Its rear cylinder’s top found by a stop, its own mark beside it. */
    private function pellgroveTops(): void
    {
        $job = Job::query()->where('number', 203)->firstOrFail();
        $this->log($job, [
            [-1, '16:30', 'tomas', 'dead_centre_read', ['cylinder' => 'rear', 'way' => 'stop', 'before' => '290.4 deg', 'after' => '334.0 deg']],
            [-1, '16:34', 'tomas', 'dead_centre_read', ['cylinder' => 'rear', 'way' => 'stop', 'before' => '281.0 deg', 'after' => '343.2 deg']],
        ]);
    }
}
