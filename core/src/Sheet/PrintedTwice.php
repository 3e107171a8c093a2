<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;

/**
 * A limit that a source prints in a second unit. The first is primary and rules; where the two disagree by more than a
 * tool of the bench can read, that is said. Source: the kinds of limit of the trade.
 */
final class PrintedTwice
{
    public const KEYS = ['min', 'max', 'service_min', 'service_max'];

    /** What counts as the same length: one micrometre. Other figures agree within half a per cent. */
    private const SAME_LENGTH = 1_000;

    private const SAME_PART = 0.005;

    /** What is said of the second print; it states no end that the first does not. */
    public static function remark(Limit $primary, Fields $second): string
    {
        $ends = array_combine(self::KEYS, [$primary->min, $primary->max, $primary->serviceMin, $primary->serviceMax]);
        $written = $apart = [];
        foreach (self::KEYS as $key) {
            if (! $second->has($key)) {
                continue;
            }
            $first = $ends[$key] ?? throw $second->placed(ContradictoryFields::excluded(
                $key,
                $second->raw($key),
                'The primary figures state no such end.',
                'ends that the limit has',
            ));
            $gap = $second->quantity($key, $primary->dimension)->base() - $first;
            $written[$key] = $second->text($key);
            if (abs($gap) > ($primary->dimension === Dimension::Length ? self::SAME_LENGTH : self::SAME_PART * abs($first))) {
                $apart[] = abs($gap);
            }
        }
        $range = implode(' to ', array_intersect_key($written, ['min' => 0, 'max' => 0]));
        $service = implode(' to ', array_intersect_key($written, ['service_min' => 0, 'service_max' => 0]));
        $text = 'also printed '.implode(', ', array_filter([$range, $service === '' ? '' : 'service '.$service]));

        return $apart === []
            ? $text.', which agrees'
            : $text.', which is off by '.$primary->dimension->written(max($apart)).'; the first figure rules';
    }
}
