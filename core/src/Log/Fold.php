<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Fitting\SourceChoice;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\FittingPlan;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\SourceKind;

/** The running totals of a replay: one method a kind of entry. */
final class Fold
{
    /** @var array<string, Entry> the last reading of each spot */
    public array $readings = [];

    /** @var array<string, StaleReading> readings that no longer hold and have not been taken again, by spot */
    public array $stale = [];

    /** @var array<string, Entry> the first reading of each spot: the before of what goes out */
    public array $first = [];

    /** @var array<string, Entry> the decision of each bore, by cylinder */
    public array $decided = [];

    /** @var array<string, Entry> where the gaps of each piston were placed, by cylinder */
    public array $gaps = [];

    public ?Entry $pairs = null;

    /** @var array<string, SourceChoice> by scope */
    public array $choices = [];

    /** @var array<string, Entry> by step */
    public array $done = [];

    /** @var array<string, SlabState> by slab, bottom-up */
    public array $slabs = [];

    /** @var array<string, PartOnOrder> parts that have not arrived */
    public array $onOrder = [];

    public string $complaint = '';

    /** @var array<string, Step> */
    public readonly array $plan;

    /** @param  array<string, Spot>  $spots */
    public function __construct(private readonly EngineSheet $sheet, private readonly array $spots)
    {
        $this->plan = FittingPlan::of($sheet);
        $this->comeIn(JobCondition::Whole);
    }

    public function take(Entry $entry): void
    {
        match ($entry->kind) {
            EntryKind::JobOpened => $this->open($entry),
            EntryKind::ReadingTaken => $this->read($entry),
            EntryKind::SourceChosen => $this->choose($entry),
            EntryKind::StepDone => $this->finish($entry),
            EntryKind::SlabLifted => $this->lift($entry->text('slab')),
            EntryKind::PartOrdered => $this->order($entry),
            EntryKind::PartArrived => $this->arrive($entry->text('part')),
            EntryKind::ActDone => $this->act($entry),
            EntryKind::BoreDecided => $this->decided[$entry->text('cylinder')] = $entry,
            EntryKind::PistonsPaired => $this->pairs = $entry,
            EntryKind::GapsPlaced => $this->gaps[$entry->text('cylinder')] = $entry,
            EntryKind::EntryStruck, EntryKind::NoteWritten => null,
        };
    }

    private function open(Entry $entry): void
    {
        $this->complaint = $entry->text('complaint');
        $this->comeIn(JobCondition::tryFrom($entry->text('condition')) ?? JobCondition::Whole);
    }

    private function comeIn(JobCondition $condition): void
    {
        foreach ($this->sheet->slabs as $slab) {
            $apart = $condition === JobCondition::Apart && $slab->kind !== SlabKind::Case;
            $this->slabs[$slab->id] = $apart ? SlabState::Off : SlabState::Torqued;
        }
    }

    private function read(Entry $entry): void
    {
        $spot = $entry->text('spot');
        $this->readings[$spot] = $entry;
        $this->first[$spot] ??= $entry;
        unset($this->stale[$spot]);
    }

    /** Readings that an act makes stale stay in the log and no longer stand. */
    private function act(Entry $entry): void
    {
        $act = Act::tryFrom($entry->text('act'));
        foreach ($this->readings as $id => $reading) {
            $spot = $this->spots[$id] ?? null;
            if ($spot !== null && $act?->makesStale($spot, $entry->text('cylinder'), $entry->text('ring')) === true) {
                $this->stale[$id] = new StaleReading($reading, $entry);
                unset($this->readings[$id]);
            }
        }
    }

    private function choose(Entry $entry): void
    {
        $this->choices[$entry->text('limit')] = new SourceChoice(
            SourceKind::tryFrom($entry->text('range')),
            SourceKind::tryFrom($entry->text('service')),
            $entry->text('reason'),
        );
    }

    private function finish(Entry $entry): void
    {
        $step = $this->plan[$entry->text('step')] ?? null;
        if ($step === null) {
            return;
        }
        $this->done[$step->id] = $entry;
        if ($step->settles) {
            $this->slabs[$step->slab] = SlabState::On;
        }
    }

    /** The slab and everything above it come off; what was done to join it must be done again. Pistons keep their rings. */
    private function lift(string $slab): void
    {
        $from = $this->sheet->heightOf($slab);
        if ($from === null) {
            return;
        }
        foreach ($this->sheet->slabs as $height => $candidate) {
            if ($height >= $from) {
                $this->slabs[$candidate->id] = SlabState::Off;
            }
        }
        $this->done = array_filter(
            $this->done,
            fn (string $step): bool => $this->plan[$step]->cylinder !== null || $this->sheet->heightOf($this->plan[$step]->slab) < $from,
            ARRAY_FILTER_USE_KEY,
        );
    }

    private function order(Entry $entry): void
    {
        $for = $entry->payload->for ?? null;
        $for = is_array($for) ? array_values(array_filter($for, is_string(...))) : [];
        $promised = $entry->text('promised');
        $this->onOrder[$entry->text('part')] = new PartOnOrder($entry->text('part'), $promised === '' ? null : $promised, $for);
    }

    private function arrive(string $part): void
    {
        unset($this->onOrder[$part]);
    }
}
