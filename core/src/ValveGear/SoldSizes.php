<?php

namespace Moltrek\Core\ValveGear;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;

/** Shims as they can be bought: every step from the thinnest up to the thickest, as many as are wanted. In nanometres. */
final readonly class SoldSizes
{
    /** A smaller difference than this is none: 1e-9 mm. */
    private const ALIKE = 1e-3;

    private function __construct(private int|float $from, private int|float $step, private int $last)
    {
    }

    public static function readOrNull(Fields $in, string $key): ?self
    {
        $sold = $in->objectOrNull($key, 'from', 'to', 'step');
        if ($sold === null) {
            return null;
        }
        [$from, $to, $step] = [$sold->size('from'), $sold->size('to'), $sold->size('step')];
        if ($to->isLessThan($from)) {
            throw $sold->placed(ContradictoryFields::crossed('from', $from->written(), 'to', $to->written()));
        }

        return self::of($from, $to, $step);
    }

    public static function of(Length $from, Length $to, Length $step): self
    {
        return new self($from->nanometres, $step->nanometres,
            (int) floor(($to->nanometres - $from->nanometres) / $step->nanometres));
    }

    /** The size that suits a valve best: closest to what it aims at, of two as close the thinner, which leaves it looser. */
    public function bestFor(ShimmedValve $valve): int|float|null
    {
        $fitting = $valve->fitting();
        if ($fitting === null) {
            return null;
        }
        [$thinnest, $thickest] = $fitting;
        $first = max(0, (int) ceil(($thinnest - $this->from - self::ALIKE) / $this->step));
        $last = min($this->last, (int) floor(($thickest - $this->from + self::ALIKE) / $this->step));
        if ($last < $first) {
            return null;
        }
        $below = (int) floor(($valve->ideal() - $this->from) / $this->step);
        $sizes = array_map(fn (int $index): int|float => $this->from + min(max($index, $first), $last) * $this->step, [$below, $below + 1]);

        return $valve->offAim($sizes[1]) < $valve->offAim($sizes[0]) - self::ALIKE ? $sizes[1] : $sizes[0];
    }
}
