<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Measuring\Reading;

/** What can happen on the bench. */
enum EntryKind: string
{
    case JobOpened = 'job_opened';
    case ReadingTaken = 'reading_taken';
    case EntryStruck = 'entry_struck';
    case SourceChosen = 'source_chosen';
    case StepDone = 'step_done';
    case NoteWritten = 'note_written';
    case SlabLifted = 'slab_lifted';
    case PartOrdered = 'part_ordered';
    case PartArrived = 'part_arrived';
    case ActDone = 'act_done';
    case BoreDecided = 'bore_decided';
    case PistonsPaired = 'pistons_paired';
    case GapsPlaced = 'gaps_placed';

    /** Whether what came before decides if it may enter. */
    public function dependsOnState(): bool
    {
        return ! in_array($this, [self::ReadingTaken, self::NoteWritten, self::PartOrdered, self::PartArrived, self::GapsPlaced, self::ActDone], true);
    }

    /** @return list<string> the keys of its payload */
    public function keys(): array
    {
        return match ($this) {
            self::JobOpened => ['condition', 'complaint'],
            self::ReadingTaken => Reading::KEYS,
            self::EntryStruck => ['entry', 'reason'],
            self::SourceChosen => ['limit', 'range', 'service', 'reason'],
            self::StepDone => ['step'],
            self::NoteWritten => ['text', 'slab'],
            self::SlabLifted => ['slab'],
            self::PartOrdered => ['part', 'promised', 'for'],
            self::PartArrived => ['part'],
            self::ActDone => ['act', 'cylinder', 'ring', 'note'],
            self::BoreDecided => ['cylinder', 'decision', 'size', 'reason'],
            self::PistonsPaired => ['pairs'],
            self::GapsPlaced => ['cylinder', 'school', 'angles'],
        };
    }
}
