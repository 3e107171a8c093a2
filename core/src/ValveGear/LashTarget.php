<?php

namespace Moltrek\Core\ValveGear;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;

/** The range that a valve clearance is to land in. In nanometres. */
final readonly class LashTarget
{
    /** A smaller difference than this is none: 1e-9 mm. */
    private const ALIKE = 1e-3;

    private function __construct(public int|float $min, public int|float $max)
    {
    }

    public static function readOrNull(Fields $in, string $key): ?self
    {
        $said = $in->objectOrNull($key, 'min', 'max');
        if ($said === null) {
            return null;
        }
        [$min, $max] = [$said->length('min'), $said->length('max')];

        return $max->isLessThan($min)
            ? throw $said->placed(ContradictoryFields::crossed('min', $min->written(), 'max', $max->written()))
            : new self($min->nanometres, $max->nanometres);
    }

    /** The range that a limit states; null where it states only one end of it, or none. */
    public static function within(?Limit $limit): ?self
    {
        return $limit?->min === null || $limit->max === null ? null : new self($limit->min, $limit->max);
    }

    public function holds(int|float $low, int|float $high): bool
    {
        return $low >= $this->min - self::ALIKE && $high <= $this->max + self::ALIKE;
    }

    public function aimed(Aim $aim): int|float
    {
        return $aim->in($this->min, $this->max);
    }

    public function limit(): Limit
    {
        return Limit::between(Dimension::Length, $this->min, $this->max);
    }
}
