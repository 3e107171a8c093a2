<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\Wordings;

/**
 * Taper from one ring's end gap at two depths: Δdiameter = Δgap/π, since the gap grows with the bore's circumference.
 * The two brackets bound the difference; an end is open where a leaf is missing. Source: geometry.
 */
final readonly class GapTaper
{
    /**
     * @param  float|null  $low  lower − upper diameter, nanometres; null where no leaf bounds it
     */
    private function __construct(public ?float $low, public ?float $high)
    {
    }

    public static function of(FeelerBracket $upper, FeelerBracket $lower): self
    {
        return new self(
            $upper->high === null ? null : ($lower->low->nanometres - $upper->high->nanometres) / M_PI,
            $lower->high === null ? null : ($lower->high->nanometres - $upper->low->nanometres) / M_PI,
        );
    }

    /** Judges how large the difference is, whichever way it goes. */
    public function verdict(?Limit $limit): Verdict
    {
        return Verdict::of($limit, Wordings::boreShape('the taper'), $this->size());
    }

    private function size(): Interval
    {
        $middle = $this->low !== null && $this->high !== null ? ($this->low + $this->high) / 2 : ($this->low ?? $this->high ?? 0.0);
        if ($this->low !== null && $this->low >= 0) {
            return Interval::bracket($this->low, $this->high, abs($middle));
        }
        if ($this->high !== null && $this->high <= 0) {
            return Interval::bracket(-$this->high, $this->low === null ? null : -$this->low, abs($middle));
        }

        return Interval::bracket(0.0, $this->low === null || $this->high === null ? null : max(-$this->low, $this->high), abs($middle));
    }
}
