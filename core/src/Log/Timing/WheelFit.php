<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Fitting\ByThickness;
use Moltrek\Core\Fitting\Piece;
use Moltrek\Core\Fitting\ThicknessChoices;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\FittedByShims;
use Moltrek\Core\Sheet\JudgedQuantity;

/** What is read of the wheels that drive the cams, and the shims that bring it into its limit. */
final readonly class WheelFit
{
    private const TOGETHER = 2;

    private function __construct(
        private BuildState $state,
        public JudgedQuantity $quantity,
        public ?FittedByShims $shims,
        private float $direction,
    ) {
    }

    /** @return list<self> what this engine has to be read */
    public static function on(BuildState $state): array
    {
        $wheels = $state->sheet->wheels;
        // a shim takes from the offset of a wheel that stands back, and adds to the play of gears that it moves apart
        $all = [
            new self($state, JudgedQuantity::WheelOffset, $wheels->offset, -1.0),
            new self($state, JudgedQuantity::GearBacklash, $wheels->backlash, 1.0),
        ];

        return array_values(array_filter($all, static fn (self $fit): bool => isset($state->spots[$fit->quantity->value])));
    }

    public function assessment(): ?Assessment
    {
        return $this->state->verdicts->of($this->quantity->value);
    }

    /** Shims on offer that bring it inside; null where nothing was read, nothing limits it or none are stated. */
    public function choices(): ?ThicknessChoices
    {
        $interval = $this->state->readings->at($this->quantity->value)?->interval();
        $limit = $this->state->verdicts->limitOf($this->quantity->value);
        if ($interval === null || $limit?->max === null || $this->shims === null || $this->shims->shims === []) {
            return null;
        }
        $shelf = array_map(
            static fn (Length $shim): Piece => new Piece($shim->written(), $shim, self::TOGETHER),
            $this->shims->shims,
        );
        $fit = new ByThickness(self::ends($interval), Length::zero(), $this->shims->factor * $this->direction,
            Length::ofNanometres($limit->min ?? -$limit->max), Length::ofNanometres($limit->max), Aim::Middle);

        return $fit->among($shelf, 1, self::TOGETHER);
    }

    /** @return non-empty-list<Length> */
    private static function ends(Interval $interval): array
    {
        return [Length::ofNanometres($interval->lowFigure()), Length::ofNanometres($interval->highFigure())];
    }
}
