<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Measuring\Wordings;
use Moltrek\Core\Quantity\Length;

/**
 * What lies between a hole and what goes into it: hole − shaft, from the smallest hole to the largest. The smallest decides
 * whether it seizes, the largest whether it is worn, so both are judged with the doubt of the tools. Negative is an
 * interference. Source: shop practice, doubt combined after the GUM.
 */
final readonly class Clearance
{
    private function __construct(
        public Length $smallestHole,
        public Length $largestHole,
        public Length $meanHole,
        public Length $shaft,
        public Length $doubt,
        public Verdict $verdict,
    ) {
    }

    /** @param  non-empty-list<BoreReading>  $hole */
    public static function of(array $hole, Length $shaft, ClearanceDoubt $doubt, ?Limit $limit, ?Wording $wording = null): self
    {
        $diameters = array_map(static fn (BoreReading $reading): Length => $reading->diameter, $hole);
        $throughSetting = array_filter($hole, static fn (BoreReading $reading): bool => $reading->isDeviation()) !== [];
        $combined = $doubt->combined($throughSetting);
        [$smallest, $largest] = [Length::smallest(...$diameters), Length::largest(...$diameters)];
        $interval = static fn (Length $diameter): Interval => Interval::around($diameter->minus($shaft)->nanometres, $combined->nanometres);

        return new self($smallest, $largest, Length::mean(...$diameters), $shaft, $combined,
            Verdict::of($limit, $wording ?? Wordings::clearance(), $interval($smallest), $interval($largest)));
    }

    public function smallest(): Length
    {
        return $this->smallestHole->minus($this->shaft);
    }

    public function largest(): Length
    {
        return $this->largestHole->minus($this->shaft);
    }

    /**
     * @param  string  $hole  what the hole is called where it is read
     * @return array<string, mixed>
     */
    public function toArray(string $hole = 'bore'): array
    {
        return [
            $hole => [
                'smallest' => $this->smallestHole->quantity(),
                'largest' => $this->largestHole->quantity(),
                'mean' => $this->meanHole->quantity(),
            ],
            'clearance' => [
                'smallest' => $this->smallest()->quantity(),
                'largest' => $this->largest()->quantity(),
                'mean' => $this->meanHole->minus($this->shaft)->quantity(),
            ],
            'doubt' => $this->doubt->quantity(),
            'verdict' => $this->verdict->toArray(),
        ];
    }
}
