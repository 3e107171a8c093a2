<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Timing\CrankGeometry;
use Moltrek\Core\Timing\CrankPlace;
use Moltrek\Core\Timing\DeadCentre;
use Moltrek\Core\Timing\DialledCrank;
use Moltrek\Core\Timing\IgnitionRead;
use Moltrek\Core\Timing\KnownTop;
use Moltrek\Core\Timing\TopNeed;
use Moltrek\Core\Timing\TopWay;
use Moltrek\Core\Timing\WheelPair;

/** Top dead centre of one cylinder, as far as the pairs that stand say it. */
final readonly class TopOf
{
    /** What a dial resolves, in millimetres. */
    private const RESOLUTION = 0.01;

    public function __construct(private BuildState $state, private string $cylinder)
    {
    }

    public function known(): ?KnownTop
    {
        $pairs = array_map(PairRead::in(...), $this->state->timings->pairsOf($this->cylinder));
        if ($pairs === []) {
            return null;
        }
        $isDwell = array_filter($pairs, static fn (PairRead $pair): bool => $pair->way !== TopWay::Dwell) === [];
        $found = DeadCentre::between(array_map(static fn (PairRead $pair): WheelPair => $pair->pair, $pairs));

        $standsStill = $isDwell ? $this->standsStillAt($pairs[0]->resolution) : null;

        return new KnownTop($found, $standsStill, $this->tolerance(), TopNeed::on($this->state->sheet));
    }

    /** From the lowest to the highest ignition point that is stated, in billionths of a crank degree; null where none is. */
    public function tolerance(): int|float|null
    {
        [$point, $rod] = [$this->state->sheet->ignition->point, $this->state->sheet->geometry->rod];
        if ($point === null || $rod === null) {
            return null;
        }
        $crank = DialledCrank::of($this->state->sheet->geometry->stroke, $rod);
        $place = static fn (int|float|null $figure): ?CrankPlace => IgnitionRead::placed($crank, $point, $figure);
        [$low, $high] = [$place($point->stated->limit->min), $place($point->stated->limit->max)];

        return $low === null || $high === null ? null : $high->degrees - $low->degrees;
    }

    /** How far either side of the top a dial of a hundredth does not move; null where the rod is not known. */
    public function standsStill(): ?float
    {
        return $this->standsStillAt(Length::ofNanometres((int) (self::RESOLUTION * 1e6)));
    }

    private function standsStillAt(Length $resolution): ?float
    {
        $geometry = $this->state->sheet->geometry;

        return $geometry->rod === null ? null
            : CrankGeometry::of($geometry->stroke, $geometry->rod)->turnTo($resolution->quantity()['value']) * 1e9;
    }
}
