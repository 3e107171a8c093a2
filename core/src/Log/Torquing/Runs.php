<?php

namespace Moltrek\Core\Log\Torquing;

use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Torquing\Run;

/** Every run of every joint, as it came: the last one of a step is the one that counts, the others are void or done. */
final class Runs
{
    /** @var array<string, Run> by the entry that began it; one that two tablets began at once stands twice */
    private array $runs = [];

    /** @var array<string, Run> by step */
    private array $last = [];

    /** Begins a run; where the joint is being pulled already, it is that one. */
    public function begin(string $id, RunStarted $started): Run
    {
        $before = $this->last[$started->step] ?? null;
        $run = $before?->isRunning() === true ? $before : new Run($id, $started->step, $started->programme);
        $this->last[$started->step] = $run;

        return $this->runs[$id] = $run;
    }

    public function named(string $id): ?Run
    {
        return $this->runs[$id] ?? null;
    }

    /** The run of a step that counts, or counted last. */
    public function of(string $step): ?Run
    {
        return $this->last[$step] ?? null;
    }

    /** @return list<Run> each once, in the order in which they were begun */
    public function all(): array
    {
        $all = [];
        foreach ($this->runs as $run) {
            $all[$run->id] = $run;
        }

        return array_values($all);
    }

    /** The run that is under way; the one begun last where there are several. */
    public function underWay(): ?Run
    {
        $running = array_filter($this->last, static fn (Run $run): bool => $run->isRunning());

        return $running === [] ? null : $running[array_key_last($running)];
    }

    /**
     * What was lifted or slackened holds no more: the runs of its joints are void, and stay to be seen.
     *
     * @param  array<string, Step>  $plan
     * @return list<Run> those that became void
     */
    public function undo(Undone $undone, array $plan): array
    {
        $void = [];
        foreach ($this->last as $id => $run) {
            $step = $plan[$id] ?? null;
            if ($step !== null && $run->whyVoid() === null && $undone->takesBack($step)) {
                $run->voidBecause($undone->why);
                $void[] = $run;
            }
        }

        return $void;
    }
}
