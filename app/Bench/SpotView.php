<?php

namespace App\Bench;

use App\Http\Shapes\ReadingShape;
use App\Http\Shapes\SpotShape;
use App\Models\Shop;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Measuring\ReadingTaken;
use Moltrek\Core\Measuring\EntryForm;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Spot;

/** A measuring place with the reading that stands there. */
final class SpotView
{
    public static function of(BuildState $state, Spot $spot): SpotShape
    {
        $entry = $state->readings->entryAt($spot->id);
        $reading = $state->readings->at($spot->id);
        $measurable = $spot->measurable;
        $taken = $measurable->taken;
        $cylinder = $spot->at->cylinder;
        $stale = $state->readings->staleAt($spot->id);
        $first = $state->readings->firstAt($spot->id);

        return new SpotShape(
            $spot->id, $measurable->key, $spot->form(), $spot->name, $spot->hint, $taken->sketch->value ?? '',
            $state->readings->slabOf($spot)->id, $cylinder?->id, $spot->at->part,
            $spot->at->depth?->quantity()['value'], $spot->about?->quantity()['value'],
            $measurable->laid->group, $measurable->title(), $cylinder === null ? $spot->name : str_replace(', '.$cylinder->name, '', $spot->name),
            $measurable->dimension()->canonicalUnit()->symbol, Shop::unitsOf($measurable->dimension()),
            $taken->instrument(), $taken->instruments(), isset($state->work->asked()[$spot->id]),
            $taken->good, $taken->good === null ? null : $measurable->wording->high,
            $stale === null ? null : self::text($state, $stale->reading).' before '.self::event($stale->why),
            $first === null ? null : self::text($state, $first),
            $state->parts->heldUpBy($spot->id)?->part,
            $entry === null || $reading === null ? null : self::reading($entry, $reading),
        );
    }

    private static function text(BuildState $state, Entry $entry): string
    {
        return $state->readings->of($entry)?->said->shown() ?? '';
    }

    /** "bore honed"; "lifted: head" becomes "the lift of the head". */
    private static function event(string $why): string
    {
        return str_starts_with($why, 'lifted: ') ? 'the '.substr($why, 8).' came off' : $why;
    }

    private static function reading(Entry $entry, Reading $reading): ReadingShape
    {
        $typed = $entry->said instanceof ReadingTaken ? $entry->said->typed() : [];
        $part = static fn (string $key): ?string => $typed[$key] ?? null;
        [$passes, $drags, $refuses] = array_map($part, FeelerBracket::KEYS);

        return new ReadingShape(
            $entry->id, $reading->text,
            $reading->spot->form() === EntryForm::Leaves ? null : $reading->size()?->quantity()['value'],
            $part('reading'), $part('setting'), $part('deviation'), $passes, $drags, $refuses,
            $reading->shown(), $part('hole'), $part('shaft'), $part('answer'), $part('at_least'),
            $entry->at->format('Y-m-d\TH:i:s.v\Z'), $entry->by, $reading->tool?->name, $reading->setWith?->name,
        );
    }
}
