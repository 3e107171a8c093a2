<?php

namespace Moltrek\Core\Log\Planning;

use DateTimeImmutable;
use Moltrek\Core\Log\Entry;
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

    public function see(string $id, Entry $entry): void
    {
        $running = $this->waits[$id] ?? null;
        if ($running !== null) {
            $this->waits[$id] = new RunningWait($running->wait, $running->since, $entry);
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

    /** @return list<RunningWait> that are not over yet */
    public function running(DateTimeImmutable $now): array
    {
        return array_values(array_filter($this->waits, static fn (RunningWait $wait): bool => ! $wait->isOver($now)));
    }

    public function of(string $id): ?RunningWait
    {
        return $this->waits[$id] ?? null;
    }
}
