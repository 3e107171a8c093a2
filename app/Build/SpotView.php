<?php

namespace App\Build;

use App\Http\Shapes\ReadingShape;
use App\Http\Shapes\SpotShape;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Measuring\EntryForm;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Spot;
use stdClass;

/** A measuring place with the reading that stands there. */
final class SpotView
{
    public static function of(BuildState $state, Spot $spot, string $slab): SpotShape
    {
        $entry = $state->entryAt($spot->id);
        $reading = $state->readings()[$spot->id] ?? null;

        return new SpotShape(
            $spot->id, $spot->quantity->value, $spot->quantity->form()->value, $spot->name, $spot->hint, $slab, $spot->cylinder->id, $spot->part,
            $spot->depth?->quantity()['value'], $spot->expected?->quantity()['value'], $spot->quantity->instrument(),
            $state->heldUpBy($spot->id)?->part,
            $entry === null || $reading === null ? null : self::reading($entry, $reading),
        );
    }

    private static function reading(Entry $entry, Reading $reading): ReadingShape
    {
        $typed = $entry->payload->reading ?? null;
        $part = static fn (string $key): ?string => $typed instanceof stdClass && is_string($typed->{$key} ?? null) ? $typed->{$key} : null;
        $leaves = $reading->spot->quantity->form() === EntryForm::Leaves;
        [$passes, $drags, $refuses] = array_map($part, FeelerBracket::KEYS);

        return new ReadingShape(
            $entry->id, $reading->text,
            $leaves ? null : $reading->size()->quantity()['value'],
            is_string($typed) ? $typed : null,
            $part('setting'), $part('deviation'), $passes, $drags, $refuses,
            $entry->at->format('Y-m-d\TH:i:s.v\Z'), $entry->by, $reading->tool?->name, $reading->setWith?->name,
        );
    }
}
