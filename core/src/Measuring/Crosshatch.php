<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Quantity\Length;

/**
 * The included angle of a hone's scratches: 2·atan(stroke × strokes / (π × bore × spindle)), strokes counted singly and
 * spindle turns in the same minute. Source: geometry of axial against surface speed.
 */
final readonly class Crosshatch
{
    /**
     * @param  float  $spindle  turns a minute, more than zero
     * @param  float  $strokes  single strokes a minute, more than zero
     */
    public function __construct(private Length $bore, private float $spindle, private Length $stroke, private float $strokes)
    {
    }

    /** In degrees. */
    public function angle(): float
    {
        return rad2deg(2 * atan($this->stroke->nanometres * $this->strokes / $this->around()));
    }

    /** The whole strokes a minute that come nearest to the middle of the aim; null unless it has both ends. */
    public function strokesFor(?Limit $aim): ?int
    {
        if ($aim?->min === null || $aim->max === null) {
            return null;
        }
        $middle = $aim->dimension->canonicalValue(($aim->min + $aim->max) / 2);
        if ($middle < 0 || $middle >= 180) {
            return null;
        }
        $strokes = tan(deg2rad($middle / 2)) * $this->around() / $this->stroke->nanometres;

        return $strokes < PHP_INT_MAX ? (int) round($strokes) : null;
    }

    public function verdict(?Limit $aim): Verdict
    {
        $wording = new Wording(
            'the cross-hatch',
            'too flat',
            'too steep',
            'Stroke faster, or slow the spindle.',
            'Stroke slower, or speed the spindle up.',
            'Read speed and strokes again.',
        );
        $base = $this->angle() * ($aim?->dimension->stepsPerUnit() ?? 1);

        return Verdict::of($aim, $wording, Interval::around($base, 0));
    }

    /** Surface speed: nanometres a minute round the bore. */
    private function around(): float
    {
        return M_PI * $this->bore->nanometres * $this->spindle;
    }
}
