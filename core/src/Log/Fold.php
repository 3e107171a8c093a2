<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Fitting\SourceChoice;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepKind;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\SheetWait;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\SourceKind;
use stdClass;

/** The running totals of a replay: one method a kind of entry. */
final class Fold
{
    /** @var array<string, Entry> the last reading of each spot */
    public array $readings = [];

    /** @var array<string, StaleReading> readings that no longer hold and have not been taken again, by spot */
    public array $stale = [];

    /** @var array<string, string> how far the engine was together when the standing reading was taken, by spot */
    public array $takenIn = [];

    /** @var array<string, Entry> the first reading of each spot: the before of what goes out */
    public array $first = [];

    /** @var array<string, Entry> the decision of each bore, by cylinder */
    public array $decided = [];

    /** @var array<string, Entry> where the gaps of each piston were placed, by cylinder */
    public array $gaps = [];

    public ?Entry $pairs = null;

    /** @var array<string, string> the maker's marks, by place */
    public array $marks = [];

    /** @var array<string, SourceChoice> by scope */
    public array $choices = [];

    /** @var array<string, Entry> by step */
    public array $done = [];

    /** @var array<string, string> steps that were done and no longer count, and why */
    public array $void = [];

    /** @var array<string, array<int, Entry>> what was answered or waived of each hold, by item */
    public array $answers = [];

    /** @var array<string, RunningWait> by wait */
    public array $waits = [];

    /** @var array<string, Ledger> what must come out, by its name */
    public array $ledger = [];

    /** @var array<string, Debt> by its name */
    public array $debts = [];

    /** @var array<string, Entry> the school that was chosen, by matter */
    public array $schools = [];

    /** @var array<string, string> the shop's habits when the job was opened, by matter */
    public array $habits = [];

    /** @var list<Entry> what stays open when the machine goes out */
    public array $openEnds = [];

    public PartsBin $parts;

    /** @var array<string, Entry> parts that went back to another place than their own, by part */
    public array $elsewhere = [];

    public ?Entry $handedOver = null;

    /** @var array<string, SlabState> by slab, bottom-up */
    public array $slabs = [];

    public string $complaint = '';

    /** @var array<string, Step> */
    public array $plan;

    private readonly Undoing $undoing;

    /** @param  array<string, Spot>  $spots */
    public function __construct(private readonly EngineSheet $sheet, array $spots)
    {
        $this->parts = new PartsBin;
        $this->undoing = new Undoing($this, $sheet, $spots);
        $this->plan = Plan::of($sheet);
        $this->comeIn(JobCondition::Whole);
    }

    public function take(Entry $entry): void
    {
        match ($entry->kind) {
            EntryKind::JobOpened => $this->open($entry),
            EntryKind::ReadingTaken => $this->read($entry),
            EntryKind::SourceChosen => $this->choose($entry),
            EntryKind::StepDone => $this->finish($entry),
            EntryKind::SlabLifted => $this->undoing->lift($entry->text('slab'), $entry),
            EntryKind::PartOrdered => $this->parts->order($entry),
            EntryKind::PartArrived => $this->parts->arrive($entry->text('part'), 'arrived'),
            EntryKind::PartTaken => $this->parts->arrive($entry->text('part'), 'from the shelf'),
            EntryKind::PartReused => $this->parts->arrive($entry->text('part'), 'the old one: '.$entry->text('reason')),
            EntryKind::PartWrong => $this->parts->refuse($entry->text('part'), $entry->text('reason')),
            EntryKind::PartBack => $this->elsewhere[$entry->text('part')] = $entry,
            EntryKind::HandedOver => $this->handedOver = $entry,
            EntryKind::ActDone => $this->undoing->act($entry),
            EntryKind::BoreDecided => $this->decide($entry),
            EntryKind::PistonsPaired => $this->pair($entry),
            EntryKind::GapsPlaced => $this->gaps[$entry->text('cylinder')] = $entry,
            EntryKind::HoldAnswered, EntryKind::HoldWaived => $this->answer($entry),
            EntryKind::WaitSeen => $this->see($entry),
            EntryKind::WaitStarted => $this->begin($entry),
            EntryKind::LedgerIn => $this->ledger[$entry->text('what')] = new Ledger($entry->text('what'), ($entry->payload->dropped ?? false) === true, $this->sheet->heightOf($entry->text('slab')) ?? 0, $entry),
            EntryKind::LedgerOut => $this->ledger = array_diff_key($this->ledger, [$entry->text('what') => true]),
            EntryKind::DebtOwed => $this->debts[$entry->text('what')] = new Debt($entry->text('what'), $entry->text('reason'), $entry->text('release'), $entry),
            EntryKind::DebtPaid => $this->debts = array_diff_key($this->debts, [$entry->text('what') => true]),
            EntryKind::SlabProvisional => $this->slabs[$entry->text('slab')] = SlabState::Provisional,
            EntryKind::SchoolChosen => $this->school($entry),
            EntryKind::OpenEnd => $this->openEnds[] = $entry,
            EntryKind::MarkRead => $this->marks[$entry->text('place')] = $entry->text('mark'),
            EntryKind::EntryStruck, EntryKind::NoteWritten => null,
        };
    }

    private function open(Entry $entry): void
    {
        $this->complaint = $entry->text('complaint');
        $habits = $entry->payload->schools ?? null;
        if ($habits instanceof stdClass) {
            $this->habits = School::read(Fields::of($entry->payload, ...EntryKind::JobOpened->keys())->named('schools'));
            $this->replan();
        }
        $condition = JobCondition::tryFrom($entry->text('condition')) ?? JobCondition::Whole;
        $this->comeIn($condition);
        foreach ($condition === JobCondition::Apart ? $this->plan : [] as $step) {
            if ($step->kind === StepKind::TakeOff || str_starts_with($step->id, 'as-found.')) {
                $this->done[$step->id] = $entry;
            }
        }
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
        $this->takenIn[$spot] = $this->standing();
        unset($this->stale[$spot]);
    }

    /** @return list<string> what a step takes: its one-use parts, and what a decision on its bore asks for */
    public function partsOf(Step $step): array
    {
        $decision = $step->cylinder !== null && str_starts_with($step->id, 'piston-ready.') ? $this->decided[$step->cylinder] ?? null : null;
        $of = count($this->sheet->cylinders) === 1 ? '' : ', '.($this->sheet->cylinder($step->cylinder ?? '')->name ?? '');

        return match (BoreJob::tryFrom($decision?->text('decision') ?? '')) {
            BoreJob::Rebore => [...$step->parts, 'Piston '.$decision?->text('size').$of],
            BoreJob::Replace => [...$step->parts, 'Barrel'.$of],
            default => $step->parts,
        };
    }

    /** "head torqued": the highest slab that lies in place on those below it, and how; a gasket is crushed or not with it. */
    private function standing(): string
    {
        $standing = 'top end apart';
        foreach (array_slice($this->sheet->slabs, 1) as $slab) {
            if (! $this->slabs[$slab->id]->isInPlace()) {
                return $standing;
            }
            $standing = lcfirst($slab->name).' '.$this->slabs[$slab->id]->value;
        }

        return $standing;
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
        if (str_starts_with($step->id, 'off.') && $step->kind === StepKind::TakeOff) {
            $this->undoing->lift($step->slab, $entry);

            return;
        }
        $this->tick($step, $entry);
    }

    private function tick(Step $step, Entry $entry): void
    {
        $this->done[$step->id] = $entry;
        unset($this->void[$step->id]);
        if ($step->settles !== null) {
            $this->slabs[$step->settles] = SlabState::On;
        }
        if ($step->torques) {
            foreach ($this->sheet->slabs as $height => $slab) {
                if ($height <= ($this->sheet->heightOf($step->slab) ?? 0) && $this->slabs[$slab->id]->isInPlace() && $this->slabs[$slab->id] !== SlabState::Provisional) {
                    $this->slabs[$slab->id] = SlabState::Torqued;
                }
            }
        }
        $this->parts->fit($this->partsOf($step));
        foreach ($this->sheet->waits as $wait) {
            if ($wait->after === $step->id) {
                $this->waits[$wait->id] = new RunningWait($wait, $entry->at, null);
            }
        }
    }

    private function decide(Entry $entry): void
    {
        $this->decided[$entry->text('cylinder')] = $entry;
        $step = $this->plan['decide.bore.'.$entry->text('cylinder')] ?? null;
        if ($step !== null) {
            $this->tick($step, $entry);
        }
    }

    private function pair(Entry $entry): void
    {
        $this->pairs = $entry;
        if (isset($this->plan['decide.pairs'])) {
            $this->tick($this->plan['decide.pairs'], $entry);
        }
    }

    private function answer(Entry $entry): void
    {
        $hold = $this->plan[$entry->text('hold')] ?? null;
        $item = $entry->payload->item ?? null;
        if ($hold === null || ! is_int($item)) {
            return;
        }
        $this->answers[$hold->id][$item] = $entry;
        if (count($this->answers[$hold->id]) === count($hold->asks) && (! $hold->secondPerson || count($this->answerers($hold->id)) > 1)) {
            $this->tick($hold, $entry);
        }
    }

    /** @return list<string> who has answered a hold, or stood by when it was answered */
    public function answerers(string $hold): array
    {
        $people = [];
        foreach ($this->answers[$hold] ?? [] as $answer) {
            array_push($people, $answer->by, $answer->text('second'));
        }

        return array_values(array_unique(array_filter($people, static fn (string $person): bool => $person !== '')));
    }

    private function begin(Entry $entry): void
    {
        $fields = Fields::of($entry->payload, ...EntryKind::WaitStarted->keys());
        $id = 'begun-'.$entry->id;
        $this->waits[$id] = new RunningWait(SheetWait::begun($id, $entry->text('what'), (int) round($fields->positive('time', Dimension::Time)), $fields->textOrNull('seen'), $entry->text('step')), $entry->at, null);
    }

    private function see(Entry $entry): void
    {
        $running = $this->waits[$entry->text('wait')] ?? null;
        if ($running !== null) {
            $this->waits[$entry->text('wait')] = new RunningWait($running->wait, $running->since, $entry);
        }
    }

    /** Chosen on this build, else the sheet's own, else the shop's habit. */
    private function replan(): void
    {
        $this->plan = Plan::of($this->sheet, array_map(static fn (Entry $chosen): string => $chosen->text('school'), $this->schools) + $this->sheet->schools + $this->habits);
    }

    private function school(Entry $entry): void
    {
        $this->schools[$entry->text('matter')] = $entry;
        $this->replan();
    }
}
