<?php

namespace App\Bench;

use App\Http\Shapes\JobLogShape;
use App\Http\Shapes\SlipLineShape;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryStruck;
use Moltrek\Core\Log\JobOpened;

/** What happened on a build, as the screens take it. */
final readonly class SlipView
{
    public const INSTANT = 'Y-m-d\TH:i:s.v\Z';

    public function __construct(private BuildState $state)
    {
    }

    public function shape(int $lastSeq): JobLogShape
    {
        return new JobLogShape($lastSeq, $this->lines(), DatesView::people());
    }

    /** @return list<SlipLineShape> the newest first */
    private function lines(): array
    {
        $shown = array_filter($this->state->entries, static fn (Entry $entry): bool => ! $entry->said instanceof EntryStruck);

        return array_map($this->line(...), array_reverse(array_values($shown)));
    }

    private function line(Entry $entry): SlipLineShape
    {
        $strike = $this->state->struck[$entry->id] ?? null;

        return new SlipLineShape(
            id: $entry->id,
            kind: $entry->kind(),
            at: $entry->at->format(self::INSTANT),
            by: $entry->by,
            text: $entry->said->words($this->state),
            struckBy: $strike?->by,
            struckReason: $strike?->said instanceof EntryStruck ? $strike->said->reason : null,
            mayBeStruck: $strike === null && ! $entry->said instanceof JobOpened,
            photo: $entry->photo(),
        );
    }
}
