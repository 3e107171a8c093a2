<?php

namespace Moltrek\Core\Log\Planning;

use DateTimeImmutable;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\WaitOf;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SheetWait;

/** The waits that run, by the sheet after a step, or begun by somebody on the bench. */
final class Waits
{
    /** @var array<string, RunningWait> by wait */
    private array $waits = [];

    public function begin(SheetWait $wait, Entry $entry): void
    {
        $this->waits[$wait->id] = new RunningWait($wait, $entry->at, null);
    }

    /** The sheet's own waits begin with the step they stand after. */
    public function after(string $step, EngineSheet $sheet, Entry $entry): void
    {
        foreach ($sheet->work->waits as $wait) {
            if (in_array($step, WaitOf::begins($wait, $sheet), true)) {
                $this->begin($wait->begunBy($step), $entry);
            }
        }
    }

    /** Those that are one with it are over too. */
    public function see(string $id, Entry $entry): void
    {
        $seen = $this->waits[$id] ?? null;
        if ($seen === null) {
            return;
        }
        foreach ($this->waits as $each => $running) {
            if ($each === $id || $running->isOneWith($seen)) {
                $this->waits[$each] = new RunningWait($running->wait, $running->since, $entry);
            }
        }
    }

    /** What ended when something was seen, of those that a step has waited for. */
    public function seeAllFor(Step $step, Entry $entry): void
    {
        foreach ($this->running($entry->at) as $running) {
            if ($running->wait->seen !== null && $running->wait->isFor($step->id, $step->order->needs)) {
                $this->see($running->wait->id, $entry);
            }
        }
    }

    /** @param  list<string>  $steps  that are to be done again: what they began does not run any more */
    public function forget(array $steps): void
    {
        $this->waits = array_filter(
            $this->waits,
            static fn (RunningWait $running): bool => ! in_array($running->wait->after, $steps, true),
        );
    }

    /** @return list<RunningWait> that are not over yet; those that are one stand once */
    public function running(DateTimeImmutable $now): array
    {
        $once = [];
        foreach ($this->waits as $running) {
            if (! $running->isOver($now)) {
                $once = self::amongst($once, $running);
            }
        }

        return $once;
    }

    /**
     * @param  list<RunningWait>  $waits
     * @return list<RunningWait>
     */
    private static function amongst(array $waits, RunningWait $added): array
    {
        foreach ($waits as $index => $each) {
            if ($each->isOneWith($added)) {
                $waits[$index] = new RunningWait($each->wait->with($added->wait), $each->since, null);

                return $waits;
            }
        }

        return [...$waits, $added];
    }

    public function of(string $id): ?RunningWait
    {
        return $this->waits[$id] ?? null;
    }
}
