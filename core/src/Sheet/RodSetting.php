<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** How rods on hydraulic lifters are set: the preload, the thread by which it is reached, and how long the lifters bleed down. */
final readonly class RodSetting
{
    public const KEYS = ['preload', 'per_inch', 'pitch', 'flats', 'bleed_down'];

    private const FLATS = 6;

    /**
     * @param  int|float|null  $perInch  threads to the inch; null where a pitch is stated
     * @param  int  $bleedDown  seconds
     */
    private function __construct(
        public Length $least,
        public Length $most,
        public int|float|null $perInch,
        public ?Length $pitch,
        public int $flats,
        public int $bleedDown,
    ) {
    }

    public static function readOrNull(Fields $setting): ?self
    {
        $said = $setting->objectOrNull('rods', ...self::KEYS);
        if ($said === null) {
            return null;
        }
        if ($said->has('per_inch') === $said->has('pitch')) {
            throw $said->placed($said->has('pitch')
                ? ContradictoryFields::excluded('', 'per_inch, pitch', 'A thread is stated in one way.', 'one of per_inch and pitch')
                : MalformedDocument::missing('', 'one of per_inch and pitch'));
        }
        $range = $said->isText('preload') ? null : $said->object('preload', 'min', 'max');
        [$least, $most] = $range === null ? [$said->size('preload'), $said->size('preload')] : [$range->size('min'), $range->size('max')];
        if ($most->isLessThan($least)) {
            throw $said->placed(ContradictoryFields::crossed('preload.min', $least->written(), 'preload.max', $most->written()));
        }
        $perInch = $said->has('per_inch') ? $said->number('per_inch') : null;

        return new self($least, $most, $perInch, $said->sizeOrNull('pitch'),
            $said->has('flats') ? $said->whole('flats', 3, 12) : self::FLATS,
            (int) round($said->positive('bleed_down', Dimension::Time)));
    }
}
