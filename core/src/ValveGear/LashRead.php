<?php

namespace Moltrek\Core\ValveGear;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Refusal\ContradictoryFields;

/** A valve clearance as it was read: a figure, or between the leaf that passes and the one that does not. In nanometres. */
final readonly class LashRead
{
    private function __construct(public int|float $low, public int|float $high, public bool $isBracket)
    {
    }

    /** What was read at the bench: the leaf that passes and the one that does not, or a figure. */
    public static function between(int|float $low, int|float $high): self
    {
        return new self($low, $high, $low !== $high);
    }

    public static function read(Fields $in, string $key): self
    {
        if ($in->isText($key)) {
            $figure = $in->length($key)->nanometres;

            return new self($figure, $figure, false);
        }
        $leaves = $in->object($key, 'passes', 'refuses');
        $low = $leaves->sizeOrNull('passes');
        $high = $leaves->size('refuses');
        if ($low !== null && ! $low->isLessThan($high)) {
            throw $leaves->placed(ContradictoryFields::leaves('passes', $low->written(), 'refuses', $high->written()));
        }

        return new self($low->nanometres ?? 0, $high->nanometres, true);
    }

    public function interval(): Interval
    {
        return $this->isBracket ? Interval::bracket($this->low, $this->high) : Interval::around($this->low, 0);
    }

    public function middle(): int|float
    {
        return ($this->low + $this->high) / 2;
    }
}
