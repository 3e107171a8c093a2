<?php

namespace App\Build;

use App\Http\Shapes\ReadingShape;
use App\Http\Shapes\SpotShape;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Measuring\EntryForm;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Dimension;
use stdClass;

/** A measuring place with the reading that stands there. */
final class SpotView
{
    public static function of(BuildState $state, Spot $spot): SpotShape
    {
        $entry = $state->entryAt($spot->id);
        $reading = $state->readings()[$spot->id] ?? null;
        $measurable = $spot->measurable;
        $stale = $state->staleAt($spot->id);
        $first = $state->firstAt($spot->id);

        return new SpotShape(
            $spot->id, $measurable->key, $spot->form()->value, $spot->name, $spot->hint, $measurable->sketch->value ?? '', $state->slabOf($spot)->id, $spot->cylinder?->id, $spot->part,
            $spot->depth?->quantity()['value'], $spot->about?->quantity()['value'],
            $measurable->group, $measurable->title(), $spot->cylinder === null ? $spot->name : str_replace(', '.$spot->cylinder->name, '', $spot->name),
            $measurable->dimension->canonicalUnit()->symbol, $measurable->instrument(), $measurable->instruments, $spot->expected,
            $measurable->good, $measurable->good === null ? null : $measurable->wording->high,
            $stale === null ? null : self::text($stale->reading, $spot).' before '.$stale->by->text('act'),
            $first === null ? null : self::text($first, $spot),
            $state->heldUpBy($spot->id)?->part,
            $entry === null || $reading === null ? null : self::reading($entry, $reading),
        );
    }

    private static function text(Entry $entry, Spot $spot): string
    {
        return self::shown(Reading::read(Fields::of($entry->payload, ...Reading::KEYS), $spot));
    }

    private static function reading(Entry $entry, Reading $reading): ReadingShape
    {
        $typed = $entry->payload->reading ?? null;
        $part = static fn (string $key): ?string => $typed instanceof stdClass && is_string($typed->{$key} ?? null) ? $typed->{$key} : null;
        [$passes, $drags, $refuses] = array_map($part, FeelerBracket::KEYS);

        return new ReadingShape(
            $entry->id, $reading->text,
            $reading->spot->form() === EntryForm::Leaves ? null : $reading->size()?->quantity()['value'],
            is_string($typed) ? $typed : null,
            $part('setting'), $part('deviation'), $passes, $drags, $refuses,
            self::shown($reading), $part('hole'), $part('shaft'), $part('answer'), $part('at_least'),
            $entry->at->format('Y-m-d\TH:i:s.v\Z'), $entry->by, $reading->tool?->name, $reading->setWith?->name,
        );
    }

    /** Large enough for two metres: the size in millimetres, the leaves, the answer. */
    private static function shown(Reading $reading): string
    {
        if ($reading->bracket !== null) {
            return str_replace([' mm', ', '], ['', ' · '], $reading->text);
        }
        if ($reading->shaft !== null && $reading->diameter !== null) {
            return number_format($reading->diameter->diameter->minus($reading->shaft)->quantity()['value'], 3, '.', '');
        }
        if ($reading->diameter !== null || ($reading->base !== null && $reading->spot->measurable->dimension === Dimension::Length)) {
            return ($reading->atLeast ? 'at least ' : '').number_format($reading->size()?->quantity()['value'] ?? 0, 3, '.', '');
        }

        return $reading->text;
    }
}
