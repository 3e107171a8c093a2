<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Fitting\GapSchool;
use Moltrek\Core\Fitting\MarkPlace;
use Moltrek\Core\Measuring\Leaf;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Tool;
use Moltrek\Core\Planning\StepKind;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\SourceKind;

/**
 * What may enter the log: a payload of its kind that names places, steps and slabs of this engine. A figure is never
 * refused for being unlikely, only for being no figure.
 */
final readonly class Admission
{
    /** Thirty days, in seconds. */
    private const LONGEST_WAIT = 30 * 86_400;

    public function __construct(private BuildState $state)
    {
    }

    /** @throws Refusal */
    public function check(EntryKind $kind, mixed $payload): void
    {
        $fields = Fields::of($payload, ...$kind->keys());
        match ($kind) {
            EntryKind::JobOpened => $this->opening($fields),
            EntryKind::ReadingTaken => $this->reading($fields),
            EntryKind::EntryStruck => $this->strike($fields),
            EntryKind::SourceChosen => $this->source($fields),
            EntryKind::StepDone => $this->step($fields),
            EntryKind::NoteWritten => $this->note($fields),
            EntryKind::SlabLifted => $this->lift($fields),
            EntryKind::ActDone => $this->act($fields),
            EntryKind::BoreDecided => $this->decision($fields),
            EntryKind::PistonsPaired => $this->pairs($fields),
            EntryKind::GapsPlaced => $this->gaps($fields),
            EntryKind::HoldAnswered, EntryKind::HoldWaived => $this->hold($kind, $fields),
            EntryKind::WaitSeen => $this->wait($fields),
            EntryKind::WaitStarted => $this->begin($fields),
            EntryKind::LedgerIn => $this->ledger($fields),
            EntryKind::LedgerOut => $this->settled($fields, array_map(static fn (Ledger $item): string => $item->what, $this->state->ledger())),
            EntryKind::DebtOwed => [$fields->text('what', 160), $fields->text('reason', 300), $fields->textOrNull('release', 300)],
            EntryKind::DebtPaid => $this->settled($fields, array_map(static fn (Debt $debt): string => $debt->what, $this->state->debts())),
            EntryKind::SlabProvisional => $this->provisional($fields),
            EntryKind::SchoolChosen => $this->school($fields),
            EntryKind::OpenEnd => $fields->text('text', 500),
            EntryKind::MarkRead => $this->mark($fields),
            EntryKind::PartOrdered, EntryKind::PartArrived, EntryKind::PartWrong, EntryKind::PartTaken, EntryKind::PartReused, EntryKind::PartBack => (new PartsAdmission($this->state->sheet))->check($kind, $fields),
            EntryKind::HandedOver => $this->handOver($fields),
        };
    }

    private function opening(Fields $fields): void
    {
        $fields->choice('condition', JobCondition::class);
        $fields->textOrNull('complaint');
        if ($fields->has('schools')) {
            School::read($fields->named('schools'));
        }
    }

    private function reading(Fields $fields): void
    {
        $spot = $this->state->spots[$fields->text('spot')]
            ?? throw $fields->placed(MalformedDocument::wrongSort($fields->raw('spot'), 'a measuring place of this engine'), 'spot');
        $fields->flag('kept');
        Reading::read($fields, $spot);
        $tool = $fields->objectOrNull('tool', ...Tool::KEYS);
        if ($tool !== null) {
            Leaf::readAll($tool, 'leaves');
        }
    }

    private function strike(Fields $fields): void
    {
        $fields->text('reason', 500);
        $target = $fields->text('entry');
        foreach ($this->state->entries as $entry) {
            if ($entry->id !== $target) {
                continue;
            }
            if (isset($this->state->struck[$target])) {
                throw $fields->placed(ContradictoryFields::excluded('entry', $target, 'This entry has been struck out already.', 'an entry that stands'));
            }
            if ($entry->kind === EntryKind::JobOpened) {
                throw $fields->placed(ContradictoryFields::excluded('entry', $target, 'The opening of a job cannot be struck out.', 'any later entry'));
            }

            return;
        }
        throw $fields->placed(MalformedDocument::wrongSort($target, 'the id of an entry of this build'), 'entry');
    }

    private function source(Fields $fields): void
    {
        $scope = $fields->text('limit');
        $known = array_unique(array_map(static fn ($assessment): string => $assessment->scope, array_values($this->state->assessments())));
        if (! in_array($scope, $known, true)) {
            throw $fields->placed(MalformedDocument::wrongSort($scope, 'one of '.implode(', ', $known)), 'limit');
        }
        $fields->choice('range', SourceKind::class);
        if ($fields->has('service')) {
            $fields->choice('service', SourceKind::class);
        }
        $fields->text('reason', 500);
    }

    private function step(Fields $fields): void
    {
        $step = $this->state->steps()[$fields->text('step')]
            ?? throw $fields->placed(MalformedDocument::wrongSort($fields->raw('step'), 'a step of this engine'), 'step');
        if ($this->state->isDone($step)) {
            throw $fields->placed(ContradictoryFields::excluded('step', $step->id, 'This step has been done already.', 'a step that is ready'));
        }
        if ($step->kind === StepKind::Hold && $step->secondPerson) {
            throw $fields->placed(ContradictoryFields::excluded('step', $step->id, 'Two people answer this hold, one thing at a time.', 'answers to what it asks'));
        }
        $first = $this->state->openNeeds($step)[0] ?? null;
        $why = $first === null ? ($this->state->blockages($step)[0] ?? null)?->why
            : 'First: '.$this->state->steps()[$first]->name.'.'.(isset($step->access[$first]) ? ' '.$step->access[$first]->sentence() : '');
        if ($why !== null) {
            throw $fields->placed(ContradictoryFields::excluded('step', $step->id, $why, 'a step that is ready'));
        }
    }

    private function hold(EntryKind $kind, Fields $fields): void
    {
        $hold = $this->state->steps()[$fields->text('hold', 80)] ?? null;
        if ($hold === null || $hold->kind !== StepKind::Hold) {
            throw $fields->placed(MalformedDocument::wrongSort($fields->raw('hold'), 'a hold of this engine'), 'hold');
        }
        $fields->whole('item', 0, count($hold->asks) - 1);
        $first = $this->state->openNeeds($hold)[0] ?? null;
        if ($first !== null) {
            throw $fields->placed(ContradictoryFields::excluded('hold', $hold->id, 'First: '.$this->state->steps()[$first]->name.'.', 'a hold whose turn has come'));
        }
        if ($kind === EntryKind::HoldWaived) {
            $fields->text('reason', 300);
        } else {
            $fields->textOrNull('second', 10);
        }
    }

    private function wait(Fields $fields): void
    {
        $running = array_map(static fn (RunningWait $wait): string => $wait->wait->id, $this->state->waits());
        if (! in_array($fields->text('wait', 60), $running, true)) {
            throw $fields->placed(MalformedDocument::wrongSort($fields->raw('wait'), 'a wait that is running'), 'wait');
        }
    }

    private function begin(Fields $fields): void
    {
        $fields->text('what', 120);
        $fields->textOrNull('seen', 120);
        if ($fields->positive('time', Dimension::Time) > self::LONGEST_WAIT) {
            throw $fields->placed(OutOfDomain::because('time', 'A wait of this length is a date.', $fields->text('time'), 'at most 720 h'));
        }
        $step = $fields->textOrNull('step', 80);
        if ($step !== null && ! isset($this->state->steps()[$step])) {
            throw $fields->placed(MalformedDocument::wrongSort($step, 'a step of this engine'), 'step');
        }
    }

    private function ledger(Fields $fields): void
    {
        $fields->text('what', 160);
        $this->slab($fields);
        $fields->flag('dropped');
    }

    /** @param  list<string>  $open */
    private function settled(Fields $fields, array $open): void
    {
        if (! in_array($fields->text('what', 160), $open, true)) {
            throw $fields->placed(MalformedDocument::wrongSort($fields->raw('what'), $open === [] ? 'nothing is open' : 'one of '.implode(', ', $open)), 'what');
        }
    }

    private function slab(Fields $fields): void
    {
        if ($this->state->sheet->heightOf($fields->text('slab', 60)) === null) {
            throw $fields->placed(MalformedDocument::wrongSort($fields->raw('slab'), 'a slab of this engine'), 'slab');
        }
    }

    private function provisional(Fields $fields): void
    {
        $this->slab($fields);
        $fields->text('reason', 300);
    }

    private function school(Fields $fields): void
    {
        $matter = School::all()[$fields->text('matter', 60)]
            ?? throw $fields->placed(MalformedDocument::wrongSort($fields->raw('matter'), 'one of '.implode(', ', array_keys(School::all()))), 'matter');
        if (! isset($matter->options[$fields->text('school', 80)])) {
            throw $fields->placed(MalformedDocument::wrongSort($fields->raw('school'), 'one of '.implode(', ', array_keys($matter->options))), 'school');
        }
        if ($this->state->isSettled($matter)) {
            throw $fields->placed(ContradictoryFields::excluded('matter', $matter->matter, 'What this matter changes has been done.', 'a matter whose steps are open'));
        }
        $fields->textOrNull('reason', 300);
    }

    private function act(Fields $fields): void
    {
        $act = $fields->choice('act', Act::class);
        if ($act->isOfCylinder() || $fields->has('cylinder')) {
            $this->cylinder($fields);
        }
        $ring = $fields->textOrNull('ring', 30);
        if ($act === Act::RingFiled || $ring !== null) {
            $this->ring($fields, $ring ?? '');
        }
        $valve = $fields->textOrNull('valve', 20);
        if ($valve !== null && ! in_array($valve, array_column($this->state->sheet->valveTrain->valves, 'id'), true)) {
            throw $fields->placed(MalformedDocument::wrongSort($valve, 'a valve of this engine'), 'valve');
        }
        $fields->textOrNull('note', 500);
    }

    private function decision(Fields $fields): void
    {
        $this->cylinder($fields);
        $fields->choice('decision', BoreJob::class);
        $fields->textOrNull('size', 60);
        $fields->textOrNull('reason', 500);
    }

    private function pairs(Fields $fields): void
    {
        $pairs = $fields->required('pairs', 'a piston for each cylinder')->named('pairs');
        foreach ($pairs->keys() as $cylinder) {
            if ($this->state->sheet->cylinder($cylinder) === null) {
                throw $pairs->placed(MalformedDocument::wrongSort($cylinder, 'a cylinder of this engine'), $cylinder);
            }
            $pairs->text($cylinder, 60);
        }
    }

    private function gaps(Fields $fields): void
    {
        $this->cylinder($fields);
        $fields->choice('school', GapSchool::class);
        $angles = $fields->object('angles', ...GapSchool::RINGS);
        foreach ($angles->keys() as $ring) {
            $angles->angle($ring);
        }
    }

    private function cylinder(Fields $fields): void
    {
        if ($this->state->sheet->cylinder($fields->text('cylinder', 20)) === null) {
            throw $fields->placed(MalformedDocument::wrongSort($fields->raw('cylinder'), 'a cylinder of this engine'), 'cylinder');
        }
    }

    private function ring(Fields $fields, string $ring): void
    {
        if (! in_array($ring, array_column($this->state->sheet->piston->rings, 'id'), true)) {
            throw $fields->placed(MalformedDocument::wrongSort($ring, 'a ring of this engine'), 'ring');
        }
    }

    private function mark(Fields $fields): void
    {
        $place = MarkPlace::on($this->state->sheet)[$fields->text('place', 60)]
            ?? throw $fields->placed(MalformedDocument::wrongSort($fields->raw('place'), 'a marked place of this engine'), 'place');
        $place->read($fields, 'mark');
    }

    private function note(Fields $fields): void
    {
        $fields->text('text');
        $fields->textOrNull('slab');
        PartsAdmission::photo($fields);
    }

    private function lift(Fields $fields): void
    {
        $height = $this->state->sheet->heightOf($fields->text('slab'));
        if ($height === null || $height === 0) {
            throw $fields->placed(MalformedDocument::wrongSort($fields->raw('slab'), 'a slab of this engine above the cases'), 'slab');
        }
    }

    private function handOver(Fields $fields): void
    {
        $fields->textOrNull('note', 500);
        $in = $this->state->ledger()[0] ?? null;
        $owed = $this->state->debts()[0] ?? null;
        $why = match (true) {
            $in !== null => ucfirst($in->what).($in->dropped ? ' was dropped and is not found.' : ' is still in.'),
            $owed !== null => ucfirst($owed->what).' is owed its torque.',
            default => null,
        };
        if ($why !== null) {
            throw $fields->placed(ContradictoryFields::excluded('', '', $why, 'a machine with nothing left in and nothing owed'));
        }
    }
}
