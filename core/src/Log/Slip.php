<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\MarkPlace;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Planning\HomePart;
use Moltrek\Core\Planning\Promise;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\School;
use stdClass;

/** An entry in the shop's words, for the slip and the record. */
final readonly class Slip
{
    public function __construct(private BuildState $state)
    {
    }

    public function line(Entry $entry): string
    {
        return match ($entry->kind) {
            EntryKind::JobOpened => self::opened($entry),
            EntryKind::ReadingTaken => $this->reading($entry),
            EntryKind::EntryStruck => 'Struck out: '.$entry->text('reason'),
            EntryKind::SourceChosen => $this->source($entry),
            EntryKind::StepDone => $this->state->steps()[$entry->text('step')]->name ?? $entry->text('step'),
            EntryKind::NoteWritten => $entry->text('text'),
            EntryKind::SlabLifted => 'Taken off, down to and with: '.$this->slab($entry->text('slab')),
            EntryKind::PartOrdered => 'Ordered: '.$entry->text('part').($entry->text('promised') === '' ? '' : ', promised for '.Promise::dayInWords($entry->text('promised'))),
            EntryKind::PartArrived => 'Arrived: '.$entry->text('part').self::withNote($entry),
            EntryKind::ActDone => $this->act($entry),
            EntryKind::BoreDecided => $this->decision($entry),
            EntryKind::HoldAnswered => 'Seen: '.lcfirst($this->item($entry)).($entry->text('second') === '' ? '' : ', with '.$entry->text('second')),
            EntryKind::HoldWaived => 'Waived: '.lcfirst($this->item($entry)).', '.$entry->text('reason'),
            EntryKind::WaitStarted => 'Waiting: '.$entry->text('what').', '.$entry->text('time'),
            EntryKind::WaitSeen => 'Seen: '.$this->wait($entry),
            EntryKind::LedgerIn => (($entry->payload->dropped ?? false) === true ? 'Dropped: ' : 'Put in, must come out: ').$entry->text('what'),
            EntryKind::LedgerOut => 'Out again: '.$entry->text('what'),
            EntryKind::DebtOwed => 'Owed its torque: '.$entry->text('what').', '.$entry->text('reason'),
            EntryKind::DebtPaid => 'Torqued as owed: '.$entry->text('what'),
            EntryKind::SlabProvisional => $this->slab($entry->text('slab')).' on for now: '.$entry->text('reason'),
            EntryKind::SchoolChosen => $this->school($entry),
            EntryKind::OpenEnd => 'Stays open: '.$entry->text('text'),
            EntryKind::PartWrong => 'Wrong part: '.$entry->text('part').', '.$entry->text('reason'),
            EntryKind::PartTaken => 'From the shelf: '.$entry->text('part'),
            EntryKind::PartReused => 'Goes back: '.$entry->text('part').', '.$entry->text('reason'),
            EntryKind::PartBack => $this->back($entry),
            EntryKind::HandedOver => 'Handed over'.self::withNote($entry),
            EntryKind::MarkRead => (MarkPlace::on($this->state->sheet)[$entry->text('place')]->name ?? $entry->text('place')).': marked '.$entry->text('mark'),
            EntryKind::PistonsPaired => 'Pistons to bores: '.self::pairs($entry),
            EntryKind::GapsPlaced => 'Ring gaps placed, '.$entry->text('school').$this->ofCylinder($entry),
        };
    }

    private static function opened(Entry $entry): string
    {
        $condition = $entry->text('condition') === JobCondition::Whole->value ? 'Job opened, engine whole' : 'Job opened, top end apart';

        return $condition.($entry->text('complaint') === '' ? '' : ': '.$entry->text('complaint'));
    }

    private function reading(Entry $entry): string
    {
        $spot = $this->state->spots[$entry->text('spot')] ?? null;
        if ($spot === null) {
            return 'Reading';
        }
        try {
            $reading = Reading::read(Fields::of($entry->payload, ...Reading::KEYS), $spot);
        } catch (Refusal) {
            return $spot->name;
        }
        $by = $reading->tool === null ? '' : ', '.$reading->tool->name;

        return $spot->name.': '.$reading->text.($reading->diameter?->isDeviation() === true && $reading->shaft === null ? ' = '.$reading->diameter->diameter->written() : '').$by;
    }

    private static function withNote(Entry $entry): string
    {
        return $entry->text('note') === '' ? '' : ': '.$entry->text('note');
    }

    private function back(Entry $entry): string
    {
        $parts = HomePart::on($this->state->sheet);
        $part = $parts[$entry->text('part')] ?? null;
        if ($part === null || $entry->text('place') === $part->place) {
            return ($part?->name() ?? $entry->text('part')).': back in its place';
        }
        $there = array_values(array_filter($parts, static fn (HomePart $other): bool => $other->sort === $part->sort && $other->place === $entry->text('place')))[0] ?? null;

        return $part->name().': fitted at '.($there->placeName ?? $entry->text('place')).', '.$entry->text('reason');
    }

    private function item(Entry $entry): string
    {
        $item = $entry->payload->item ?? null;

        return $this->state->steps()[$entry->text('hold')]->asks[is_int($item) ? $item : -1] ?? $entry->text('hold');
    }

    private function wait(Entry $entry): string
    {
        foreach ($this->state->sheet->waits as $wait) {
            if ($wait->id === $entry->text('wait')) {
                return $wait->seen ?? lcfirst($wait->name);
            }
        }

        foreach ($this->state->entries as $begun) {
            if ('begun-'.$begun->id === $entry->text('wait')) {
                return $begun->text('seen') === '' ? lcfirst($begun->text('what')) : $begun->text('seen');
            }
        }

        return $entry->text('wait');
    }

    private function school(Entry $entry): string
    {
        $matter = School::all()[$entry->text('matter')] ?? null;
        $reason = $entry->text('reason');

        return ($matter->question ?? $entry->text('matter')).': '.$entry->text('school').($reason === '' ? '' : ', '.$reason);
    }

    private function act(Entry $entry): string
    {
        $ring = '';
        foreach ($this->state->sheet->piston->rings as $each) {
            $ring = $each->id === $entry->text('ring') ? ', '.$each->name : $ring;
        }
        $note = $entry->text('note');

        return ucfirst($entry->text('act')).$ring.$this->ofCylinder($entry).($note === '' ? '' : ': '.$note);
    }

    private function decision(Entry $entry): string
    {
        $size = $entry->text('size');
        $reason = $entry->text('reason');

        return 'Bore'.$this->ofCylinder($entry).': '.$entry->text('decision').($size === '' ? '' : ' to '.$size).($reason === '' ? '' : ', '.$reason);
    }

    private static function pairs(Entry $entry): string
    {
        $pairs = $entry->payload->pairs ?? null;
        $words = [];
        foreach ($pairs instanceof stdClass ? get_object_vars($pairs) : [] as $bore => $piston) {
            $words[] = $bore.' takes '.(is_string($piston) ? $piston : '');
        }

        return implode(', ', $words);
    }

    private function ofCylinder(Entry $entry): string
    {
        $cylinder = $this->state->sheet->cylinder($entry->text('cylinder'));

        return $cylinder === null || count($this->state->sheet->cylinders) === 1 ? '' : ', '.$cylinder->name;
    }

    private function source(Entry $entry): string
    {
        $name = $entry->text('limit');
        foreach ($this->state->assessments() as $assessment) {
            if ($assessment->scope === $name) {
                $name = $assessment->quantity->key === 'piston_clearance' ? 'Piston-to-cylinder clearance' : $assessment->quantity->title();
                break;
            }
        }
        $service = $entry->text('service');

        return $name.' by the '.$entry->text('range').($service === '' || $service === $entry->text('range') ? '' : ', service limit by the '.$service).': '.$entry->text('reason');
    }

    private function slab(string $id): string
    {
        foreach ($this->state->sheet->slabs as $slab) {
            if ($slab->id === $id) {
                return $slab->name;
            }
        }

        return $id;
    }
}
