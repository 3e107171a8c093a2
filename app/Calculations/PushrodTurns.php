<?php

namespace App\Calculations;

use Brick\Math\BigRational;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\ValveGear\RodTurns;

final class PushrodTurns implements Calculation
{
    /** No thread is finer, to the inch. */
    private const FINEST = 1000;

    public function name(): string
    {
        return 'pushrod-turns';
    }

    public function about(): string
    {
        return 'How many turns and flats an adjustable rod is let out for its lifter’s preload.';
    }

    public function example(): string
    {
        return '{"preload": {"min": "2.5 mm", "max": "3.5 mm"}, "thread": {"per_inch": 24}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'preload', 'thread', 'flats');
        $preload = self::preload($in);
        $perNanometre = self::thread($in);
        $flats = $in->has('flats') ? $in->whole('flats', 3, 12) : 6;
        $turns = RodTurns::of($preload, $perNanometre, $flats);

        return [
            'turns' => $turns->turns->toFloat(), 'flats' => $turns->flats,
            'whole_turns' => $turns->wholeTurns(), 'rest_flats' => $turns->restFlats(),
            'preload' => Dimension::Length->quantity($turns->preload($perNanometre)),
        ];
    }

    /** What is aimed at: the figure, or the middle of a range; in nanometres. */
    private static function preload(Fields $in): BigRational
    {
        if ($in->isText('preload')) {
            return BigRational::of((string) $in->size('preload')->nanometres);
        }
        $range = $in->object('preload', 'min', 'max');
        [$min, $max] = [$range->size('min'), $range->size('max')];
        if ($max->isLessThan($min)) {
            throw $range->placed(ContradictoryFields::crossed('min', $min->written(), 'max', $max->written()));
        }

        return BigRational::of((string) $min->nanometres)->plus((string) $max->nanometres)->dividedBy(2);
    }

    /** Threads to the nanometre. */
    private static function thread(Fields $in): BigRational
    {
        $thread = $in->object('thread', 'per_inch', 'pitch');
        if ($thread->has('per_inch') === $thread->has('pitch')) {
            throw $thread->has('pitch')
                ? $thread->placed(ContradictoryFields::excluded('', 'per_inch, pitch', 'A thread is stated in one way.', 'one of per_inch and pitch'))
                : $thread->placed(MalformedDocument::missing('', 'one of per_inch and pitch'));
        }
        if ($thread->has('pitch')) {
            return BigRational::of(1)->dividedBy((string) $thread->size('pitch')->nanometres);
        }
        if ($thread->number('per_inch') > self::FINEST) {
            throw $thread->placed(MalformedDocument::wrongSort($thread->raw('per_inch'), sprintf('threads to the inch, %d at most', self::FINEST)), 'per_inch');
        }
        $raw = $thread->raw('per_inch');

        return RodTurns::perInch(is_int($raw) || is_float($raw) ? $raw : 0);
    }
}
