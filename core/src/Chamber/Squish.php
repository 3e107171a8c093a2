<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Measuring\CrownPoint;
use Moltrek\Core\Measuring\Wordings;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;

/**
 * The room between crown and head at top dead centre, by crushed wire or clay: the thinnest point decides whether they meet,
 * the mean tunes. Source: shop practice.
 */
final readonly class Squish
{
    private function __construct(
        public Interval $thinnest,
        public string $at,
        public ?Length $mean,
        public ?Length $spread,
        public Verdict $verdict,
    ) {
    }

    /**
     * @param  non-empty-list<CrownPoint>  $points
     * @param  Length  $doubt  expanded, of every figure read outright
     */
    public static function of(array $points, Length $doubt, ?Limit $limit, ?Wording $wording = null): self
    {
        $intervals = array_map(static fn (CrownPoint $point): Interval => $point->said->interval($doubt->nanometres), $points);
        $thinnest = Interval::ofLeast(...$intervals);
        $lows = array_map(static fn (Interval $one): int|float => $one->low, $intervals);

        return new self(
            $thinnest, $points[(int) array_search(min($lows), $lows, true)]->at, Crown::mean($points), Crown::spread($points),
            Verdict::of($limit, $wording ?? Wordings::squish(), $thinnest),
        );
    }

    /** The thinnest point: "1.180 rear", "1.500 or more". */
    public function inShort(): string
    {
        $figure = static fn (int|float $at): string => (new Figure(Dimension::Length, $at))->shown();
        [$low, $high] = [$this->thinnest->lowFigure(), $this->thinnest->highFigure()];

        return match (true) {
            $this->thinnest->high === null => $figure($low).' or more',
            $low == $high => $figure($low),
            default => $figure($low).' to '.$figure($high),
        }.', '.$this->at;
    }

    /** What all points say together, in a sentence: a mean over one that was not crushed would lie. */
    public function remark(): string
    {
        return match (true) {
            $this->mean === null => 'No mean: not every point was read as a figure.',
            $this->spread === null => 'One point alone: the piston rocks, read the other side too.',
            default => sprintf('Mean %s, spread %s.', $this->mean->written(), $this->spread->written()),
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'thinnest' => [
                'low' => Dimension::Length->quantity($this->thinnest->low),
                'high' => $this->thinnest->high === null ? null : Dimension::Length->quantity($this->thinnest->high),
                'at' => $this->at,
            ],
            'mean' => $this->mean?->quantity(),
            'spread' => $this->spread?->quantity(),
            'verdict' => $this->verdict->toArray(),
        ];
    }
}
