<?php

namespace App\Bench;

use App\Http\Shapes\AssessmentShape;
use App\Http\Shapes\FilingShape;
use App\Http\Shapes\MarkShape;
use App\Http\Shapes\RulerShape;
use App\Http\Shapes\SourceShape;
use App\Http\Shapes\VerdictShape;
use App\Http\Shapes\WhiskerShape;
use App\Http\Shapes\ZoneShape;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Fitting\Filing;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Ruler;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Accepts;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\SheetLimit;
use Moltrek\Core\Sheet\SourceKind;

/** An assessment of the core as the screens take it: lengths in millimetres, the ruler ready to draw. */
final class AssessmentView
{
    /** @param  Entry|null  $accepted  by which somebody took it upon himself as it stands */
    public static function of(Assessment $assessment, string $slab, bool $isExpected, ?Entry $accepted): AssessmentShape
    {
        $subject = $assessment->subject;
        $source = $subject->source;

        return new AssessmentShape(
            id: $subject->id,
            scope: $subject->scope,
            quantity: $subject->quantity->key,
            name: $subject->name,
            cylinder: $subject->cylinder?->id,
            slab: $slab,
            figure: $assessment->figure,
            doubt: $assessment->doubt === null ? null : self::millimetres($assessment->doubt->nanometres),
            doubtIsUnknown: $assessment->caveats->doubtIsUnknown,
            verdict: $assessment->verdict === null ? null : self::verdict($assessment->verdict),
            ruler: $source->limit === null ? null : self::ruler(Ruler::of($source->limit, $assessment->intervals), $source->limit->dimension),
            spots: $subject->spots,
            missing: $subject->missing,
            sources: array_map(static fn (SheetLimit $stated): SourceShape => self::stated($stated, $source->range, $source->service), $source->offered),
            choiceReason: $source->reason,
            filing: $assessment->filing === null ? null : self::filing($assessment->filing),
            unit: $subject->quantity->dimension()->canonicalUnit()->symbol,
            isExpected: $isExpected,
            acceptedBy: $accepted?->by,
            acceptedBecause: $accepted?->said instanceof Accepts ? $accepted->said->reason() : null,
        );
    }

    private static function filing(Filing $filing): FilingShape
    {
        return new FilingShape($filing->written(), array_map(static fn (Length $bite): float => $bite->quantity()['value'], $filing->bites), $filing->leaf);
    }

    public static function verdict(Verdict $verdict): VerdictShape
    {
        return new VerdictShape(
            state: $verdict->state,
            side: $verdict->side,
            likely: $verdict->span?->likely,
            words: $verdict->words,
            reason: $verdict->reason,
            action: $verdict->action,
            margin: $verdict->margin === null || $verdict->limit === null ? null : $verdict->limit->dimension->canonicalValue($verdict->margin),
        );
    }

    public static function ruler(?Ruler $ruler, Dimension $dimension): ?RulerShape
    {
        $at = $dimension->canonicalValue(...);

        return $ruler === null ? null : new RulerShape(
            from: $at($ruler->from),
            to: $at($ruler->to),
            zones: array_map(static fn (array $zone): ZoneShape => new ZoneShape($at($zone['from']), $at($zone['to']), $zone['zone'], $zone['side']), $ruler->zones),
            marks: array_map(static fn (array $mark): MarkShape => new MarkShape($at($mark['at']), $mark['service'], $mark['source']), $ruler->marks),
            whiskers: array_map(static fn (Interval $interval): WhiskerShape => new WhiskerShape(
                $at(max($interval->low, $ruler->from)), $interval->high === null ? null : $at($interval->high), $at($interval->nominal), ! $interval->highIncluded,
            ), $ruler->intervals),
        );
    }

    /** What a source states, and whether it rules the range or the service limit. */
    public static function stated(SheetLimit $stated, ?SourceKind $range, ?SourceKind $service): SourceShape
    {
        $remarks = $stated->remarks();

        return new SourceShape(
            source: $stated->source,
            text: self::limitText($stated->limit).($remarks === '' ? '' : ' ('.$remarks.')'),
            hasRange: $stated->limit->hasRange(),
            hasService: $stated->limit->hasService(),
            rulesRange: $stated->limit->hasRange() && $range === $stated->source,
            rulesService: $stated->limit->hasService() && $service === $stated->source,
        );
    }

    /** "0.050 to 0.065, service 0.100 mm". */
    public static function limitText(Limit $limit): string
    {
        $decimals = $limit->dimension->decimals();
        $figure = static fn (int|float|null $base): string => $base === null ? '' : number_format($limit->dimension->canonicalValue($base), $decimals, '.', '');
        $range = match (true) {
            $limit->min !== null && $limit->max !== null => $figure($limit->min).' to '.$figure($limit->max),
            $limit->min !== null => 'at least '.$figure($limit->min),
            $limit->max !== null => 'at most '.$figure($limit->max),
            default => '',
        };
        $service = implode(' to ', array_filter([$figure($limit->serviceMin), $figure($limit->serviceMax)]));

        return implode(', ', array_filter([$range, $service === '' ? '' : 'service '.$service])).' '.$limit->dimension->canonicalUnit()->symbol;
    }

    private static function millimetres(int|float $nanometres): float
    {
        return Dimension::Length->canonicalValue($nanometres);
    }
}
