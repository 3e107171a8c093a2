<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** What the tests of an engine may show: how fast a crankcase loses pressure, what a cylinder loses, how far compressions differ. */
final readonly class LeakTests
{
    public const KEYS = ['leak', 'leak_down', 'compression_spread'];

    /**
     * @param  float|null  $pressure  kPa that a crankcase is filled to
     * @param  float|null  $drop  kPa that it may lose in $time seconds
     * @param  float|null  $lost  share of the supply that a cylinder may lose
     * @param  float|null  $lostInService  the same, of a worn engine
     */
    private function __construct(
        public ?float $pressure,
        public ?float $drop,
        public ?float $time,
        public ?string $leakSource,
        public ?float $lost,
        public ?float $lostInService,
        public ?string $lostSource,
        public ?float $spread,
    ) {
    }

    public static function read(Fields $sheet): self
    {
        $said = $sheet->objectOrNull('tests', ...self::KEYS);
        $leak = $said?->objectOrNull('leak', 'pressure', 'drop', 'time', 'source');
        $down = $said?->objectOrNull('leak_down', 'limit', 'service', 'source');
        [$lost, $service] = [self::share($down, 'limit'), self::share($down, 'service')];
        if ($down !== null && $lost !== null && $service !== null && $lost > $service) {
            throw $down->placed(ContradictoryFields::crossed('limit', (string) $lost, 'service', (string) $service));
        }

        return new self(
            $leak?->positive('pressure', Dimension::Pressure), $leak?->positive('drop', Dimension::Pressure),
            $leak?->positive('time', Dimension::Time), $leak?->textOrNull('source', 80),
            $lost, $service, $down?->textOrNull('source', 80), self::share($said, 'compression_spread'),
        );
    }

    private static function share(?Fields $said, string $key): ?float
    {
        $share = $said !== null && $said->has($key) ? $said->number($key) : null;

        return $said === null || $share === null || $share <= 1 ? $share
            : throw $said->placed(MalformedDocument::wrongSort($share, 'a share of more than 0, up to 1'), $key);
    }
}
