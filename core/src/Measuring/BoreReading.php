<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * A diameter as the tool gave it: read outright, or as a gauge's deviation from the setting it was zeroed at
 * (diameter = setting + deviation; positive is larger than the setting).
 */
final readonly class BoreReading
{
    /** No bore is read at more places than this in one calculation. */
    private const MOST = 500;

    private function __construct(
        public Length $diameter,
        public ?Length $setting,
        public ?Length $deviation,
    ) {
    }

    public static function direct(Length $diameter): self
    {
        return new self($diameter, null, null);
    }

    /** @throws OutOfDomain when nothing of the bore is left */
    public static function deviation(Length $setting, Length $deviation): self
    {
        $diameter = $setting->plus($deviation);
        if (! $diameter->isPositive()) {
            throw OutOfDomain::because(
                'deviation',
                'Setting and deviation leave no bore.',
                $deviation->written(),
                'a deviation that leaves more than zero of '.$setting->written(),
            );
        }

        return new self($diameter, $setting, $deviation);
    }

    public function isDeviation(): bool
    {
        return $this->setting !== null;
    }

    /** Reads "55.01 mm" or {"setting", "deviation"}. */
    public static function read(Fields $fields, string $key): self
    {
        if (! is_object($fields->raw($key))) {
            return self::direct($fields->size($key));
        }
        $gauge = $fields->object($key, 'setting', 'deviation');

        $setting = $gauge->length('setting');
        $deviation = $gauge->signedLength('deviation');

        return $gauge->placing(static fn (): self => self::deviation($setting, $deviation));
    }

    /**
     * Reads one reading, or {"readings": [one or more of them]}.
     *
     * @return non-empty-list<self>
     */
    public static function readAll(Fields $fields, string $key): array
    {
        $raw = $fields->raw($key);
        if (! is_object($raw)) {
            return [self::read($fields, $key)];
        }
        $several = $fields->object($key, 'setting', 'deviation', 'readings');
        if (! $several->has('readings')) {
            return [self::read($fields, $key)];
        }
        if ($several->has('setting') || $several->has('deviation')) {
            throw $several->placed(MalformedDocument::wrongSort($raw, 'either setting and deviation, or readings'), 'readings');
        }
        $readings = array_map(
            static fn (Fields $item): self => self::read($item, $item->keys()[0]),
            $several->items('readings', self::MOST),
        );
        if ($readings === []) {
            throw $several->placed(MalformedDocument::wrongSort([], 'at least one reading'), 'readings');
        }

        return $readings;
    }
}
