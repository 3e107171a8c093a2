<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Planning\Promise;
use Moltrek\Core\Refusal\Refusal;

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
            EntryKind::PartArrived => 'Arrived: '.$entry->text('part'),
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

        return $spot->name.': '.$reading->text.($reading->diameter?->isDeviation() === true ? ' = '.$reading->size()->written() : '').$by;
    }

    private function source(Entry $entry): string
    {
        $name = $entry->text('limit');
        foreach ($this->state->assessments() as $assessment) {
            if ($assessment->scope === $name) {
                $name = $assessment->quantity->named();
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
