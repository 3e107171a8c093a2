<?php

namespace App\Build;

use App\Http\Shapes\AssessmentShape;
use App\Http\Shapes\MarkShape;
use App\Http\Shapes\RulerShape;
use App\Http\Shapes\SourceShape;
use App\Http\Shapes\VerdictShape;
use App\Http\Shapes\WhiskerShape;
use App\Http\Shapes\ZoneShape;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Ruler;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Sheet\SheetLimit;

/** An assessment of the core as the screens take it: lengths in millimetres, the ruler ready to draw. */
final class AssessmentView
{
    public static function of(Assessment $assessment, string $slab): AssessmentShape
    {
        $limit = $assessment->source->limit;

        return new AssessmentShape(
            $assessment->id, $assessment->scope, $assessment->quantity->value, $assessment->name, $assessment->cylinder->id, $slab,
            $assessment->figure,
            $assessment->doubt === null ? null : self::millimetres($assessment->doubt->nanometres),
            $assessment->verdict === null ? null : self::verdict($assessment->verdict),
            $limit === null ? null : self::ruler(Ruler::of($limit, $assessment->intervals)),
            $assessment->spots, $assessment->missing,
            array_map(static fn (SheetLimit $stated): SourceShape => self::source($stated, $assessment), $assessment->offered),
            $assessment->source->reason,
            $assessment->filing,
        );
    }

    private static function verdict(Verdict $verdict): VerdictShape
    {
        return new VerdictShape(
            $verdict->state->value, $verdict->side?->value, $verdict->likely?->value, $verdict->words, $verdict->reason, $verdict->action,
            $verdict->margin === null ? null : self::millimetres($verdict->margin),
        );
    }

    private static function ruler(?Ruler $ruler): ?RulerShape
    {
        return $ruler === null ? null : new RulerShape(
            self::millimetres($ruler->from), self::millimetres($ruler->to),
            array_map(static fn (array $zone): ZoneShape => new ZoneShape(self::millimetres($zone['from']), self::millimetres($zone['to']), $zone['zone']->value, $zone['side']?->value), $ruler->zones),
            array_map(static fn (array $mark): MarkShape => new MarkShape(self::millimetres($mark['at']), $mark['service'], $mark['source']), $ruler->marks),
            array_map(static fn (Interval $interval): WhiskerShape => new WhiskerShape(
                self::millimetres($interval->low), $interval->high === null ? null : self::millimetres($interval->high), self::millimetres($interval->nominal), ! $interval->highIncluded,
            ), $ruler->intervals),
        );
    }

    private static function source(SheetLimit $stated, Assessment $assessment): SourceShape
    {
        return new SourceShape(
            $stated->source->value, self::limitText($stated->limit), $stated->limit->hasRange(), $stated->limit->hasService(),
            $stated->limit->hasRange() && $assessment->source->range === $stated->source,
            $stated->limit->hasService() && $assessment->source->service === $stated->source,
        );
    }

    /** "0.050 to 0.065, service 0.100 mm". */
    private static function limitText(Limit $limit): string
    {
        $figure = static fn (int|float|null $base): string => $base === null ? '' : number_format(self::millimetres($base), 3, '.', '');
        $range = match (true) {
            $limit->min !== null && $limit->max !== null => $figure($limit->min).' to '.$figure($limit->max),
            $limit->min !== null => 'at least '.$figure($limit->min),
            $limit->max !== null => 'at most '.$figure($limit->max),
            default => '',
        };
        $service = implode(' to ', array_filter([$figure($limit->serviceMin), $figure($limit->serviceMax)]));

        return implode(', ', array_filter([$range, $service === '' ? '' : 'service '.$service])).' mm';
    }

    private static function millimetres(int|float $nanometres): float
    {
        return Dimension::Length->canonicalValue($nanometres);
    }
}
