<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Sheet\Recheck;

/** Heats, the run-in sheet, and what is looked at again after the machine went out. */
final class RunningIn
{
    public const HEAT = 'run.heat';

    public const SHEET = 'run.sheet';

    /** Hours a week that a machine is run, where nobody has said. */
    public const USUAL = 3.0;

    private bool $isWarm = false;

    private int $cycles = 0;

    private ?Entry $planned = null;

    /** @var list<array{Recheck, Entry}> asked for by other entries than the run-in sheet */
    private array $asked = [];

    /** @var array<string, Entry> by recheck */
    private array $looked = [];

    public function heat(bool $isWarm, Entry $entry): void
    {
        $this->isWarm = $isWarm;
        $this->cycles += $isWarm ? 0 : 1;
    }

    /** Whether the engine was warmed and has not been cold since. */
    public function isWarm(): bool
    {
        return $this->isWarm;
    }

    /** How often it was warmed through and cold again. */
    public function cycles(): int
    {
        return $this->cycles;
    }

    public function plan(Entry $entry): void
    {
        $this->planned = $entry;
    }

    public function plannedBy(): ?Entry
    {
        return $this->planned;
    }

    public function sheet(): ?RunInPlanned
    {
        return $this->planned?->said instanceof RunInPlanned ? $this->planned->said : null;
    }

    public function ask(Recheck $recheck, Entry $entry): void
    {
        $this->asked[] = [$recheck, $entry];
    }

    public function look(string $recheck, Entry $entry): void
    {
        $this->looked[$recheck] = $entry;
    }

    /** @return list<DatedRecheck> */
    public function all(): array
    {
        $perWeek = $this->sheet()->hoursPerWeek ?? self::USUAL;
        $planned = $this->planned;
        $asked = $planned === null ? [] : array_map(static fn (Recheck $recheck): array => [$recheck, $planned],
            $this->sheet()->rechecks ?? []);
        $all = [];
        foreach ([...$asked, ...$this->asked] as [$recheck, $entry]) {
            $count = count(array_filter($all, static fn (DatedRecheck $each): bool => $each->asked === $entry));
            $id = $entry->id.'.'.$count;
            $all[] = new DatedRecheck($id, $recheck, $entry, $this->looked[$id] ?? null, $perWeek);
        }

        return $all;
    }

    /** @return list<DatedRecheck> that nobody has looked at yet */
    public function due(): array
    {
        return array_values(array_filter($this->all(), static fn (DatedRecheck $recheck): bool => $recheck->done === null));
    }

    /** @param  list<string>  $taken  steps that were taken back */
    public function undo(Undone $undone, array $taken): void
    {
        if (in_array(self::HEAT, $taken, true)) {
            [$this->isWarm, $this->cycles] = [false, 0];
        }
    }
}
