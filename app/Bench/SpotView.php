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
            id: $spot->id,
            quantity: $measurable->key,
            form: $spot->form(),
            name: $spot->name,
            hint: $spot->hint,
            sketch: $taken->sketch->value ?? '',
            slab: $state->readings->slabOf($spot)->id,
            cylinder: $cylinder?->id,
            part: $spot->at->part,
            depth: $spot->at->depth?->quantity()['value'],
            expected: $spot->about?->quantity()['value'],
            group: $measurable->laid->group,
            title: $measurable->title(),
            label: $cylinder === null ? $spot->name : str_replace(', '.$cylinder->name, '', $spot->name),
            unit: $measurable->dimension()->canonicalUnit()->symbol,
            units: Shop::unitsOf($measurable->dimension()),
            instrument: $taken->instrument(),
            instruments: $taken->instruments(),
            isExpected: isset($state->work->asked()[$spot->id]),
            good: $taken->good,
            bad: $taken->good === null ? null : $measurable->wording->high,
            stale: $stale === null ? null : self::text($state, $stale->reading).' before '.self::event($stale->why),
            before: $first === null ? null : self::text($state, $first),
            waitsFor: $state->parts->heldUpBy($spot->id)?->part,
            reading: $entry === null || $reading === null ? null : self::reading($entry, $reading),
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
            entry: $entry->id,
            text: $reading->text,
            millimetres: $reading->spot->form() === EntryForm::Leaves ? null : $reading->size()?->quantity()['value'],
            figure: $part('reading'),
            setting: $part('setting'),
            deviation: $part('deviation'),
            passes: $passes,
            drags: $drags,
            refuses: $refuses,
            shown: $reading->shown(),
            hole: $part('hole'),
            shaft: $part('shaft'),
            answer: $part('answer'),
            atLeast: $part('at_least'),
            at: $entry->at->format('Y-m-d\TH:i:s.v\Z'),
            by: $entry->by,
            tool: $reading->tool?->name,
            setWith: $reading->setWith?->name,
        );
    }
}
