<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Stated;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;

/**
 * What the events of an engine’s cams come to: separation, overlap, whether the centrelines lie where their maker wants them, and
 * what to move. Both events of a cam carry the doubt of the wheel: a centreline doubt/√2, the separation half of it.
 */
final readonly class CamTiming
{
    /** @param  int|float  $doubt  of one event, expanded, billionths of a degree */
    public function __construct(
        public ?CamEvents $inlet,
        public ?CamEvents $exhaust,
        private ?Stated $inletStated,
        private ?Stated $exhaustStated,
        private ?Stated $separationStated,
        private int|float $doubt = 0,
        private ?CamWheelStep $wheel = null,
    ) {
    }

    /** In degrees of the cam. */
    public function separation(): int|float|null
    {
        return $this->inlet === null || $this->exhaust === null ? null
            : ($this->inlet->centreline() + $this->exhaust->centreline()) / 2;
    }

    public function overlap(): int|float|null
    {
        return $this->inlet === null || $this->exhaust === null ? null : $this->inlet->opens + $this->exhaust->closes;
    }

    public function inletVerdict(): Verdict
    {
        return self::verdict('the inlet centreline', $this->inletStated, $this->inlet?->centreline(), $this->doubt / M_SQRT2);
    }

    public function exhaustVerdict(): Verdict
    {
        return self::verdict('the exhaust centreline', $this->exhaustStated, $this->exhaust?->centreline(), $this->doubt / M_SQRT2);
    }

    public function separationVerdict(): Verdict
    {
        return self::verdict('the separation', $this->separationStated, $this->separation(), $this->doubt / 2);
    }

    public function inletCorrection(): ?CamCorrection
    {
        return self::correction($this->inlet, $this->inletStated, $this->wheel);
    }

    public function exhaustCorrection(): ?CamCorrection
    {
        return self::correction($this->exhaust, $this->exhaustStated, $this->wheel);
    }

    private static function correction(?CamEvents $events, ?Stated $stated, ?CamWheelStep $wheel): ?CamCorrection
    {
        $aim = $stated?->middle();

        return $events === null || $aim === null ? null : new CamCorrection($events->centreline() - $aim, $events->isInlet, $wheel);
    }

    private static function verdict(string $what, ?Stated $stated, int|float|null $figure, int|float $doubt): Verdict
    {
        $move = 'Read the events again, then move the cam on its wheel.';
        $wording = new Wording($what, 'too small', 'too large', $move, $move, 'Read the events again, come up to from the same side.');

        return $figure === null ? Verdict::unread($what) : Verdict::of($stated?->limit, $wording, Interval::around($figure, $doubt));
    }
}
