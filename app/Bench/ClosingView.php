<?php

namespace App\Bench;

use App\Http\Shapes\JobClosingShape;
use App\Http\Shapes\PromiseShape;
use App\Http\Shapes\SymptomShape;
use App\Models\Job;
use DateTimeImmutable;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Planning\Promise;
use Moltrek\Core\Planning\Suspects;
use Moltrek\Core\Sheet\Symptom;

/** Whose machine it is, what was wrong with it and when it is promised, as the screens take it. */
final readonly class ClosingView
{
    public function __construct(private Job $job, private BuildState $state, private DateTimeImmutable $now)
    {
    }

    public function shape(): JobClosingShape
    {
        return new JobClosingShape(
            owner: $this->job->owner,
            complaint: $this->state->closing->complaint(),
            symptoms: $this->symptoms(),
            earlier: $this->job->earlier(),
            promise: self::promise($this->job, $this->now),
            openEnds: $this->state->closing->openEnds(),
            handedOver: $this->state->closing->handedOver()?->at->format('Y-m-d\TH:i:s.v\Z'),
        );
    }

    public static function promise(Job $job, DateTimeImmutable $now): PromiseShape
    {
        $days = $job->promised === null ? null : Promise::daysLeft($now, $job->promised);

        return new PromiseShape($job->promised?->format('Y-m-d'), $days === null ? null : Promise::inWords($days), $days !== null && $days < 0);
    }

    /** @return list<SymptomShape> */
    private function symptoms(): array
    {
        $complaint = $this->state->closing->complaint();

        return array_map(static fn (Symptom $symptom): SymptomShape => new SymptomShape($symptom->symptom, $symptom->suspect, $symptom->test, Suspects::isSpokenOf($symptom, $complaint)), Suspects::on($this->state->sheet, $complaint));
    }
}
