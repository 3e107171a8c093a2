<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Acceptance;
use Moltrek\Core\Log\Fitting\Verdicts;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\StepKind;

/**
 * Verdicts that are out or too close: each is a question in the hold that would close over it, until it is settled or
 * somebody accepts it by name. What was read as it came in is a before and asks nothing.
 */
final class VerdictQuestions
{
    /** @var array<string, list<Assessment>>|null by hold */
    private ?array $byHold = null;

    public function __construct(private readonly Totals $totals, private readonly Verdicts $verdicts, private readonly Work $work)
    {
    }

    /** @return list<Assessment> that a hold asks, accepted or not */
    public function of(Step $hold): array
    {
        return $this->byHold()[$hold->id] ?? [];
    }

    /** @return list<Assessment> that a hold asks and nobody has accepted */
    public function open(Step $hold): array
    {
        return array_values(array_filter($this->of($hold), fn (Assessment $each): bool => $this->acceptanceOf($each) === null));
    }

    /** "Clearance, front: out, too wide by 0.012 mm (engine maker)." */
    public static function asked(Assessment $assessment): string
    {
        $verdict = $assessment->verdict;
        $said = $assessment->subject->name.': '.lcfirst($verdict->words ?? '').'. '.($verdict->reason ?? '');

        return match (true) {
            $assessment->caveats->question === null => $said,
            $verdict?->state->asksForAName() === true => $said.' '.$assessment->caveats->question,
            default => $assessment->subject->name.': '.lcfirst($assessment->caveats->question),
        };
    }

    /** Who accepted a verdict as it stands: nothing it follows from has been read since. */
    public function acceptanceOf(Assessment $assessment): ?Entry
    {
        return Acceptance::of($assessment, $this->totals);
    }

    /** @return array<string, list<Assessment>> */
    private function byHold(): array
    {
        if ($this->byHold === null) {
            $this->byHold = [];
            foreach ($this->verdicts->all() as $assessment) {
                $hold = $assessment->asksForAName() ? $this->closingOver($assessment) : null;
                if ($hold !== null) {
                    $this->byHold[$hold][] = $assessment;
                }
            }
        }

        return $this->byHold;
    }

    /** The first hold that waits for its reading: what it holds closes over the place. */
    private function closingOver(Assessment $assessment): ?string
    {
        $spot = $this->work->spots()[$assessment->lastSpot()];
        $asking = null;
        foreach ($this->work->steps() as $step) {
            $asking = in_array($spot, $this->work->spotsOf($step), true) ? $step : $asking;
        }
        if ($asking === null) {
            return $this->work->hold('hold.'.$this->totals->readings->slabOf($spot)->id)?->id;
        }

        return $asking->asks->asFound ? null : $this->firstHoldAfter($asking->id);
    }

    private function firstHoldAfter(string $id): ?string
    {
        $waiting = [$id => true];
        foreach ($this->work->steps() as $step) {
            if (array_filter($step->order->needs, static fn (string $need): bool => isset($waiting[$need])) === []) {
                continue;
            }
            if ($step->kind === StepKind::Hold) {
                return $step->id;
            }
            $waiting[$step->id] = true;
        }

        return null;
    }
}
