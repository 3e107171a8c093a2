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

    /** One sentence that says why. */
    public function reason(State $state, ?Side $side, Limit $limit, ZoneSpan $span, int|float|null $margin): string
    {
        $end = $side === Side::High ? $this->high : $this->low;
        $by = $margin === null ? '' : ' by '.$limit->dimension->written(abs($margin));
        $source = $limit->source === null ? '' : ' ('.$limit->source.')';

        return match ($state) {
            State::Within => sprintf(
                '%s lies inside the limit%s%s.',
                ucfirst($this->what),
                $margin === null ? '' : ', '.$limit->dimension->written($margin).' to spare',
                $source,
            ),
            State::Worn => sprintf('%s is past the as-new range%s%s, and inside the service limit.', ucfirst($this->what), $by, $source),
            State::Out => sprintf('%s is %s%s%s.', ucfirst($this->what), $side === null ? 'out both ways' : $end, $by, $source),
            State::Unsure => sprintf(
                '%s may be %s or %s, most likely %s: the doubt reaches across the limit%s.',
                ucfirst($this->what),
                $this->zone($span->best),
                $this->zone($span->worst),
                $this->zone($span->likely),
                $source,
            ),
            State::Unknown => sprintf('There is no limit to judge %s by.', $this->what),
        };
    }

    /** The verdict in two or three words. */
    public function words(State $state, ?Side $side): string
    {
        return match ($state) {
            State::Within => 'Fits',
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

    private function zone(Zone $zone): string
    {
        return $this->zones[$zone->value];
    }
}
