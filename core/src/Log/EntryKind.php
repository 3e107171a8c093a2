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
    case HoldAnswered = 'hold_answered';
    case HoldWaived = 'hold_waived';
    case WaitSeen = 'wait_seen';
    case LedgerIn = 'ledger_in';
    case LedgerOut = 'ledger_out';
    case DebtOwed = 'debt_owed';
    case DebtPaid = 'debt_paid';
    case SlabProvisional = 'slab_provisional';
    case SchoolChosen = 'school_chosen';
    case OpenEnd = 'open_end';
    case MarkRead = 'mark_read';
    case PartWrong = 'part_wrong';
    case PartTaken = 'part_taken';
    case PartReused = 'part_reused';
    case PartBack = 'part_back';
    case HandedOver = 'handed_over';
    case WaitStarted = 'wait_started';

    /** Whether what came before decides if it may enter. */
    public function dependsOnState(): bool
    {
        return ! in_array($this, [self::ReadingTaken, self::NoteWritten, self::PartOrdered, self::PartArrived, self::GapsPlaced, self::ActDone, self::MarkRead, self::PartWrong, self::PartTaken, self::PartReused, self::PartBack, self::WaitStarted], true);
    }

    /** @return list<string> the keys of its payload */
    public function keys(): array
    {
        return match ($this) {
            self::JobOpened => ['condition', 'complaint', 'schools'],
            self::ReadingTaken => Reading::KEYS,
            self::EntryStruck => ['entry', 'reason'],
            self::SourceChosen => ['limit', 'range', 'service', 'reason'],
            self::StepDone => ['step'],
            self::NoteWritten => ['text', 'slab', 'photo'],
            self::SlabLifted => ['slab'],
            self::PartOrdered => ['part', 'promised', 'for'],
            self::PartArrived => ['part', 'note', 'photo'],
            self::ActDone => ['act', 'cylinder', 'ring', 'valve', 'note'],
            self::BoreDecided => ['cylinder', 'decision', 'size', 'reason'],
            self::PistonsPaired => ['pairs'],
            self::GapsPlaced => ['cylinder', 'school', 'angles'],
            self::HoldAnswered => ['hold', 'item', 'second'],
            self::HoldWaived => ['hold', 'item', 'reason'],
            self::WaitSeen => ['wait'],
            self::LedgerIn => ['what', 'slab', 'dropped'],
            self::LedgerOut => ['what'],
            self::DebtOwed => ['what', 'reason', 'release'],
            self::DebtPaid => ['what'],
            self::SlabProvisional => ['slab', 'reason'],
            self::SchoolChosen => ['matter', 'school', 'reason'],
            self::OpenEnd => ['text'],
            self::MarkRead => ['place', 'mark'],
            self::PartWrong => ['part', 'reason'],
            self::PartTaken => ['part'],
            self::PartReused => ['part', 'reason'],
            self::PartBack => ['part', 'place', 'reason'],
            self::HandedOver => ['note'],
            self::WaitStarted => ['what', 'time', 'seen', 'step'],
        };
    }
}
