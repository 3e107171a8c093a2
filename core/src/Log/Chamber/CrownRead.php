<?php

namespace Moltrek\Core\Log\Chamber;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Measuring\CrownPoint;
use Moltrek\Core\Measuring\Form\CrownPoints;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;

/** A deck or a squish as it was read last, be it untrue by now: it still says what another thickness would make of it. */
final readonly class CrownRead
{
    /** @param  non-empty-list<CrownPoint>  $points */
    private function __construct(public string $spot, public array $points, private int|float $doubt, public bool $isStale)
    {
    }

    public static function of(BuildState $state, string $spot): ?self
    {
        $stale = $state->readings->staleAt($spot);
        $reading = $state->readings->at($spot) ?? ($stale === null ? null : $state->readings->of($stale->reading));

        return $reading instanceof Reading && $reading->said instanceof CrownPoints
            ? new self($spot, $reading->said->points, $reading->tool?->doubtIn(Dimension::Length) ?? 0, $stale !== null)
            : null;
    }

    /** @return non-empty-list<Interval> of each point, with the doubt of the tool and with so much added below or above */
    public function intervals(Length $more): array
    {
        return array_map(
            fn (CrownPoint $point): Interval => $point->said->interval($this->doubt)->shifted($more->nanometres),
            $this->points,
        );
    }

    public function lowest(Length $more): Interval
    {
        return Interval::ofLeast(...$this->intervals($more));
    }

    /** @return array{int|float, int|float} from the least that any point may be to the greatest */
    public function span(Length $more): array
    {
        $intervals = $this->intervals($more);

        return [
            min(array_map(static fn (Interval $one): int|float => $one->low, $intervals)),
            max(array_map(static fn (Interval $one): int|float => $one->high ?? INF, $intervals)),
        ];
    }

    /** Where the crown stands by and large: the mean of the points by their figures. */
    public function middle(Length $more): Length
    {
        $figures = array_map(static fn (Interval $one): int|float => ($one->lowFigure() + $one->highFigure()) / 2, $this->intervals($more));

        return Length::ofNanometres(array_sum($figures) / count($figures));
    }
}
