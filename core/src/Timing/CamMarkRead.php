<?php

namespace Moltrek\Core\Timing;

/**
 * A cam wheel’s mark as it was read against the head’s edge. Less than half a tooth off is the right tooth: no other comes closer;
 * what is left is the chain’s slack, its wear or a skimmed face. Source: geometry of a wheel of N teeth.
 */
final readonly class CamMarkRead
{
    /** @param  int|float  $late  of the cam, billionths of a degree; negative where the mark stands ahead */
    public function __construct(public int|float $late, private ?int $teeth)
    {
    }

    /** Whole teeth by which it is late; negative for early. */
    public function teethOff(): int
    {
        return $this->teeth === null ? 0 : (new CamWheelStep($this->teeth))->closestTo($this->late * 2);
    }

    /** What stays once those teeth have been moved, of the cam. */
    public function left(): int|float
    {
        return $this->teeth === null ? $this->late : (new CamWheelStep($this->teeth))->left($this->late * 2, $this->teethOff()) / 2;
    }

    /** One tooth of this wheel, in billionths of a degree of the cam. */
    public function tooth(): ?float
    {
        return $this->teeth === null ? null : (new CamWheelStep($this->teeth))->cam();
    }

    public function isRight(): bool
    {
        return $this->teethOff() === 0;
    }

    /** "A hair off, 1.4° late, 0.14 of a tooth: the right tooth", "1 tooth late". */
    public function inWords(): string
    {
        $teeth = abs($this->teethOff());
        $way = $this->late > 0 ? 'late' : 'early';
        $degrees = static fn (int|float $angle): string => number_format(abs($angle) / 1e9, 1, '.', '').'°';
        if ($this->late == 0) {
            return 'Level: the right tooth';
        }
        if ($teeth === 0) {
            $share = number_format(abs($this->late) / ($this->tooth() ?? 1), 2, '.', '');

            return 'A hair off, '.$degrees($this->late)." $way, $share of a tooth: the right tooth";
        }

        return ($teeth === 1 ? '1 tooth' : "$teeth teeth")." $way".(abs($this->left()) < 5e7 ? '' : ', then '.$degrees($this->left()).' '
            .($this->left() > 0 ? 'late' : 'early'));
    }

    /** Which way the cam goes on its wheel; null where it is right. */
    public function way(): ?CamWay
    {
        return $this->isRight() ? null : ($this->late > 0 ? CamWay::Advance : CamWay::Retard);
    }
}
