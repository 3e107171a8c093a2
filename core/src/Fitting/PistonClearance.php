<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Quantity\Length;

/**
 * Piston-to-cylinder clearance = bore − piston at its gauge point. The smallest bore decides whether it seizes, the largest
 * whether it is worn, so both are judged. Source: shop practice, doubt combined after the GUM.
 */
final readonly class PistonClearance
{
    private function __construct(
        public Length $smallestBore,
        public Length $largestBore,
        public Length $meanBore,
        public Length $piston,
        public Length $doubt,
        public Verdict $verdict,
    ) {
    }

    /** @param  non-empty-list<BoreReading>  $bore */
    public static function of(array $bore, Length $piston, ClearanceDoubt $doubt, ?Limit $limit): self
    {
        $diameters = array_map(static fn (BoreReading $reading): Length => $reading->diameter, $bore);
        $throughSetting = array_filter($bore, static fn (BoreReading $reading): bool => $reading->isDeviation()) !== [];
        $combined = $doubt->combined($throughSetting);
        [$smallest, $largest] = [Length::smallest(...$diameters), Length::largest(...$diameters)];
        $interval = static fn (Length $diameter): Interval => Interval::around($diameter->minus($piston)->nanometres, $combined->nanometres);

        return new self($smallest, $largest, Length::mean(...$diameters), $piston, $combined,
            Verdict::of($limit, self::wording(), $interval($smallest), $interval($largest)));
    }

    public static function wording(): Wording
    {
        return new Wording(
            'the clearance', 'too tight', 'too loose',
            'Hone to size where the bore may be honed, or fit a smaller piston.',
            'Fit the next larger piston, or have the bore sized or plated.',
            'Read bore and piston again with a finer tool, or set the gauge with the tool that read the piston.',
        );
    }

    public function smallest(): Length
    {
        return $this->smallestBore->minus($this->piston);
    }

    public function largest(): Length
    {
        return $this->largestBore->minus($this->piston);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'bore' => ['smallest' => $this->smallestBore->quantity(), 'largest' => $this->largestBore->quantity(), 'mean' => $this->meanBore->quantity()],
            'clearance' => ['smallest' => $this->smallest()->quantity(), 'largest' => $this->largest()->quantity(), 'mean' => $this->meanBore->minus($this->piston)->quantity()],
            'doubt' => $this->doubt->quantity(),
            'verdict' => $this->verdict->toArray(),
        ];
    }
}
