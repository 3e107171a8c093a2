<?php

namespace Moltrek\Core\Judgement;

/** How the trade speaks of one quantity: what it is, what its two ends are called, what is done about each. */
final readonly class Wording
{
    /**
     * @param  string  $what  the quantity in the middle of a sentence
     * @param  string  $low  what being under the limit is called, as $high over it
     * @param  string  $mendLow  what is done about it, as $mendHigh
     * @param  string  $settle  how a close call is settled
     * @param  array{within: string, worn: string, out: string}  $zones  what the zones are called in a sentence
     */
    public function __construct(
        public string $what,
        public string $low,
        public string $high,
        private string $mendLow,
        private string $mendHigh,
        private string $settle,
        private array $zones = ['within' => 'as new', 'worn' => 'worn', 'out' => 'out'],
    ) {
    }

    /** The same quantity where other things are done about it. */
    public function mended(string $low, string $high): self
    {
        return new self($this->what, $this->low, $this->high, $low, $high, $this->settle, $this->zones);
    }

    /**
     * One sentence that says why: which limit was crossed, whose it is and by how much; what is to spare where none was.
     *
     * @param  int|float  $low  the least figure that was judged, as $high the greatest
     */
    public function reason(State $state, ?Side $side, Limit $limit, ZoneSpan $span, int|float $low, int|float $high): string
    {
        $what = ucfirst($this->what);
        $source = $limit->source === null ? '' : ' ('.$limit->source.')';
        $past = static function (Zone $zone) use ($limit, $side, $low, $high): string {
            $end = $side === null ? null : $limit->crossedInto($zone, $side);

            return $end === null ? '' : $end->named($limit, $side === Side::High ? $high - $end->at : $end->at - $low);
        };

        return match ($state) {
            State::Within => $limit->hasRange()
                ? sprintf('%s lies inside the limit%s%s.', $what, $this->toSpare($limit, $low, $high), $source)
                : sprintf('%s is usable: inside the service limit%s%s.', $what, self::left($limit, $low, $high),
                    $limit->serviceSource === null ? $source : ' ('.$limit->serviceSource.')'),
            State::Worn => $side === null
                ? sprintf('%s is past the as-new range both ways, and inside the service limits%s.', $what, $source)
                : sprintf('%s is past %s, and inside %s.', $what, $past(Zone::Worn),
                    $limit->crossedInto(Zone::Out, $side)?->named($limit) ?? ''),
            State::Out => $side === null ? sprintf('%s is out both ways%s.', $what, $source)
                : sprintf('%s is %s: past %s.', $what, $side === Side::High ? $this->high : $this->low, $past(Zone::Out)),
            State::Unsure => sprintf(
                '%s may be %s or %s, most likely %s: the doubt reaches across %s.',
                $what,
                $this->zone($span->best, $limit),
                $this->zone($span->worst, $limit),
                $this->zone($span->likely, $limit),
                self::reachedAcross($limit, $side, $span),
            ),
            State::Unknown => sprintf('There is no limit to judge %s by.', $this->what),
        };
    }

    /** What is left before a service limit is reached. */
    private static function left(Limit $limit, int|float $low, int|float $high): string
    {
        $margin = $limit->margin($low, $high);

        return $margin === null ? '' : ', '.$limit->dimension->written($margin).' left';
    }

    private function toSpare(Limit $limit, int|float $low, int|float $high): string
    {
        $margin = $limit->margin($low, $high);

        return $margin === null ? '' : ', '.$limit->dimension->written($margin).' to spare';
    }

    /** The limits that lie between the best and the worst it may be. */
    private static function reachedAcross(Limit $limit, ?Side $side, ZoneSpan $span): string
    {
        $ends = $side === null ? [] : array_filter([
            $span->best === Zone::Within ? $limit->crossedInto(Zone::Worn, $side) : null,
            $span->worst === Zone::Out ? $limit->crossedInto(Zone::Out, $side) : null,
        ]);
        $named = array_map(static fn (End $end): string => $end->named($limit), $ends);

        return $named === [] ? 'the limits on both sides' : implode(' and ', array_unique($named));
    }

    /** The verdict in two or three words; where only service limits are stated nobody knows what is as new. */
    public function words(State $state, ?Side $side, Limit $limit, int|float $low, int|float $high): string
    {
        return match ($state) {
            State::Within => $limit->hasRange() ? 'Fits' : 'Usable'.self::left($limit, $low, $high),
            State::Worn => 'Worn, usable',
            State::Out => match ($side) {
                Side::Low => 'Out, '.$this->low,
                Side::High => 'Out, '.$this->high,
                null => 'Out both ways',
            },
            State::Unsure => 'Too close to call',
            State::Unknown => 'No limit',
        };
    }

    /** What to do next; nothing where it fits. */
    public function action(State $state, ?Side $side): ?string
    {
        return match ($state) {
            State::Within => null,
            State::Worn => 'Record that it was left, or renew it while it is open.',
            State::Out => $side === Side::High ? $this->mendHigh : $this->mendLow,
            State::Unsure => $this->settle,
            State::Unknown => 'Enter a limit with its source, or choose a tolerance for the nominal figure.',
        };
    }

    private function zone(Zone $zone, Limit $limit): string
    {
        return $zone === Zone::Within && ! $limit->hasRange() ? 'usable' : $this->zones[$zone->value];
    }
}
