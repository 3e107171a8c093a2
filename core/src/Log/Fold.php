<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Fitting\SourceChoice;
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

    public function __construct(private readonly EngineSheet $sheet)
    {
        $this->plan = FittingPlan::of($sheet);
        $this->comeIn(JobCondition::Whole);
    }

    public function take(Entry $entry): void
    {
        match ($entry->kind) {
            EntryKind::JobOpened => $this->open($entry),
            EntryKind::ReadingTaken => $this->readings[$entry->text('spot')] = $entry,
            EntryKind::SourceChosen => $this->choose($entry),
            EntryKind::StepDone => $this->finish($entry),
            EntryKind::SlabLifted => $this->lift($entry->text('slab')),
            EntryKind::PartOrdered => $this->order($entry),
            EntryKind::PartArrived => $this->arrive($entry->text('part')),
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
