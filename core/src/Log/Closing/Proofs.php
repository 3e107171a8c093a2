<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Closing\Leak;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\FluidKind;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;

/** By what an engine that is together is proved: what it was filled with, pressure tests, compression, the first start. */
final class Proofs
{
    public const LEAK = 'test.leak';

    public const LEAK_DOWN = 'test.leak-down';

    /** @var array<string, Entry> by fluid */
    private array $filled = [];

    /** @var list<LeakTest> */
    private array $leakTests = [];

    /** @var list<Entry> */
    private array $leaks = [];

    /** @var array<string, Entry> the last that stands, by cylinder */
    private array $leakDown = [];

    /** @var array<string, Entry> by cylinder */
    private array $wet = [];

    /** @var array<string, Entry> the last look at each thing of the first start */
    private array $start = [];

    public function __construct(private readonly EngineSheet $sheet)
    {
    }

    public function fill(FluidKind $fluid, Entry $entry): void
    {
        $this->filled[$fluid->value] = $entry;
    }

    public function filledBy(FluidKind $fluid): ?Entry
    {
        return $this->filled[$fluid->value] ?? null;
    }

    public function readLeak(LeakGaugeRead $said, Entry $entry): void
    {
        $last = array_pop($this->leakTests);
        if ($said->starts || $last === null) {
            $this->leakTests = [...$this->leakTests, ...$last === null ? [] : [$last], new LeakTest($this->sheet, $entry,
                [[0.0, $said->pressure]])];
        } else {
            $this->leakTests[] = $last->with($said->after($entry, $last->begun), $said->pressure);
        }
    }

    /** @return list<LeakTest> the last last */
    public function leakTests(): array
    {
        return $this->leakTests;
    }

    public function leakTest(): ?LeakTest
    {
        return $this->leakTests === [] ? null : $this->leakTests[count($this->leakTests) - 1];
    }

    public function findLeak(Entry $entry): void
    {
        $this->leaks[] = $entry;
    }

    /** @return list<Entry> */
    public function leaks(): array
    {
        return $this->leaks;
    }

    public function readLeakDown(LeakDownRead $said, Entry $entry): void
    {
        $this->leakDown[$said->cylinder] = $entry;
    }

    public function leakDownOf(string $cylinder): ?Entry
    {
        return $this->leakDown[$cylinder] ?? null;
    }

    /** "within", "worn", "out" or "unknown"; null where nothing was read. */
    public function leakDownState(string $cylinder): ?string
    {
        $said = $this->leakDownOf($cylinder)?->said;

        return $said instanceof LeakDownRead ? Leak::zone($said->lost(), $this->sheet->tests->lost,
            $this->sheet->tests->lostInService) : null;
    }

    /** Whether every cylinder has been read and none is out. */
    public function leakDownHolds(): bool
    {
        foreach ($this->sheet->layout->cylinders as $cylinder) {
            if (in_array($this->leakDownState($cylinder->id), [null, 'out'], true)) {
                return false;
            }
        }

        return true;
    }

    public function crankWet(CompressionWet $said, Entry $entry): void
    {
        $this->wet[$said->cylinder] = $entry;
    }

    public function wetOf(string $cylinder): ?Entry
    {
        return $this->wet[$cylinder] ?? null;
    }

    public function seeStart(StartSeen $said, Entry $entry): void
    {
        $this->start[$said->item] = $entry;
    }

    public function startSeen(string $item): ?Entry
    {
        return $this->start[$item] ?? null;
    }

    /** Whether everything of the first start was seen, and was right when it was seen last. */
    public function startIsRight(EngineSheet $sheet): bool
    {
        foreach (array_keys(FirstStart::items($sheet)) as $item) {
            $said = $this->startSeen($item)?->said;
            if (! $said instanceof StartSeen || ! $said->isRight) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Entry> what was seen at the first start and is not right yet */
    public function wrongAtStart(): array
    {
        return array_values(array_filter($this->start,
            static fn (Entry $entry): bool => $entry->said instanceof StartSeen && ! $entry->said->isRight));
    }

    /** Whether a head or a barrel came off: what was proved of it is proved no more. */
    private function opens(Undone $undone): bool
    {
        return array_filter($this->sheet->stack->slabs, static fn (Slab $slab): bool => $undone->lifts($slab->id)
            && in_array($slab->kind, [SlabKind::Head, SlabKind::Barrel], true)) !== [];
    }

    /** @param  list<string>  $taken  steps that were taken back */
    public function undo(Undone $undone, array $taken): void
    {
        $isOpened = $this->opens($undone);
        if ($isOpened || in_array(self::LEAK, $taken, true)) {
            $this->leakTests = array_map(static fn (LeakTest $test): LeakTest => $test->noMoreBecause($undone->why), $this->leakTests);
        }
        if ($isOpened || in_array(self::LEAK_DOWN, $taken, true)) {
            $this->leakDown = $this->wet = [];
        }
        foreach (FluidKind::cases() as $fluid) {
            if (in_array($fluid->step(), $taken, true)) {
                unset($this->filled[$fluid->value]);
            }
        }
        if (in_array(FirstStart::STEP, $taken, true)) {
            $this->start = [];
        }
    }
}
