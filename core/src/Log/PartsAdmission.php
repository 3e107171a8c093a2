<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Planning\HomePart;
use Moltrek\Core\Planning\ReuseClass;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\EngineSheet;

/** What may be said of parts: ordered, arrived, wrong, taken, going back, put back where they ran. */
final readonly class PartsAdmission
{
    public function __construct(private EngineSheet $sheet)
    {
    }

    public function check(EntryKind $kind, Fields $fields): void
    {
        match ($kind) {
            EntryKind::PartOrdered => $this->order($fields),
            EntryKind::PartArrived => $this->arrival($fields),
            EntryKind::PartReused => $this->reuse($fields),
            EntryKind::PartBack => $this->home($fields),
            EntryKind::PartWrong => [$fields->text('part', 120), $fields->text('reason', 300)],
            default => $fields->text('part', 120),
        };
    }

    public static function photo(Fields $fields): void
    {
        $photo = $fields->textOrNull('photo', 60);
        if ($photo !== null && preg_match('/^[0-9a-f-]{36}$/', $photo) !== 1) {
            throw $fields->placed(MalformedDocument::wrongSort($photo, 'the id of a photograph'), 'photo');
        }
    }

    private function arrival(Fields $fields): void
    {
        $fields->text('part', 120);
        $fields->textOrNull('note', 300);
        self::photo($fields);
    }

    private function reuse(Fields $fields): void
    {
        $part = $fields->text('part', 120);
        [$class, $why] = ReuseClass::of($part) ?? [null, ''];
        if ($class?->mayGoBack() === false) {
            throw $fields->placed(ContradictoryFields::excluded('part', $part, 'This is used once: '.lcfirst($why), 'a part that may go back'));
        }
        $fields->text('reason', 300);
    }

    /** A part that has run in one place may go to another only with a reason. */
    private function home(Fields $fields): void
    {
        $parts = HomePart::on($this->sheet);
        $part = $parts[$fields->text('part', 60)] ?? throw $fields->placed(MalformedDocument::wrongSort($fields->raw('part'), 'a part of this engine that has a place of its own'), 'part');
        $place = $fields->text('place', 40);
        $alike = array_filter($parts, static fn (HomePart $other): bool => $other->sort === $part->sort);
        if (! in_array($place, array_column($alike, 'place'), true)) {
            throw $fields->placed(MalformedDocument::wrongSort($place, 'one of '.implode(', ', array_column($alike, 'place'))), 'place');
        }
        if ($fields->textOrNull('reason', 300) === null && $place !== $part->place) {
            throw $fields->placed(ContradictoryFields::excluded('place', $place, $part->name().' came from there; another place wants a reason.', $part->place));
        }
    }

    private function order(Fields $fields): void
    {
        $fields->text('part', 120);
        $fields->texts('for');
        $promised = $fields->textOrNull('promised');
        if ($promised !== null && preg_match('/^\d{4}-\d{2}-\d{2}$/', $promised) !== 1) {
            throw $fields->placed(MalformedDocument::wrongSort($promised, 'a day such as 2026-11-30'), 'promised');
        }
    }
}
