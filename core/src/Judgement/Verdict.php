<?php

namespace Moltrek\Core\Judgement;

/**
 * A reading judged against a limit. Nothing is accepted or refused inside the doubt (the decision rule of ISO 14253-1):
 * the interval covers from its best zone to its worst, and only where the two are one is that the answer.
 *
 * A part with several intervals (the smallest and the largest clearance of one bore) covers from the worse of the best
 * zones to the worse of the worst.
 */
final readonly class Verdict
{
    private function __construct(
        public State $state,
        public ?Side $side,
        public ?ZoneSpan $span,
        public int|float|null $margin,
        public ?Limit $limit,
        public string $reason,
        public ?string $action,
        public string $words,
    ) {
    }

    public static function unknown(string $what): self
    {
        return self::undecided(
            sprintf('There is no limit to judge %s by.', $what),
            'Enter a limit with its source, or choose a tolerance for the nominal figure.',
            'No limit',
        );
    }

    /** Nothing has been read that could be judged. */
    public static function unread(string $what): self
    {
        return self::undecided(sprintf('There are too few readings for %s.', $what), 'Read the places that are missing.', 'Not measured');
    }

    private static function undecided(string $reason, string $action, string $words): self
    {
        return new self(State::Unknown, null, null, null, null, $reason, $action, $words);
    }

    /** What hand and eye say: it is as it should be, or it is not. */
    public static function answered(Wording $wording, bool $good): self
    {
        $what = ucfirst($wording->what).' is ';
        if ($good) {
            return new self(State::Within, null, ZoneSpan::only(Zone::Within), null, null, $what.$wording->low.'.', null, 'Good');
        }

        return new self(State::Out, Side::High, ZoneSpan::only(Zone::Out), null, null, $what.$wording->high.'.',
            $wording->action(State::Out, Side::High), 'Out, '.$wording->high);
    }

    /** @param  Wording  $wording how this quantity is spoken of */
    public static function of(?Limit $limit, Wording $wording, Interval $first, Interval ...$others): self
    {
        if ($limit === null || ! $limit->decides()) {
            return self::unknown($wording->what);
        }
        $intervals = [$first, ...array_values($others)];
        $span = ZoneSpan::only(Zone::Within);
        $lowWorst = $highWorst = Zone::Within;
        foreach ($intervals as $interval) {
            $low = $limit->zoneBelow($interval->low, true);
            $high = $limit->zoneAbove($interval->high);
            $span = $span->worse(new ZoneSpan(
                $limit->zoneOf($interval->nominal),
                self::bestOf($limit, $interval),
                Zone::worse($low, $high),
            ));
            $lowWorst = Zone::worse($lowWorst, $low);
            $highWorst = Zone::worse($highWorst, $high);
        }
        $side = match ($lowWorst->rank() <=> $highWorst->rank()) {
            1 => Side::Low,
            -1 => Side::High,
            default => null,
        };
        $least = min(array_map(static fn (Interval $interval): int|float => $interval->lowFigure(), $intervals));
        $most = max(array_map(static fn (Interval $interval): int|float => $interval->highFigure(), $intervals));
        $state = $span->isOne() ? State::of($span->best) : State::Unsure;

        return new self($state, $side, $span, $limit->margin($least, $most), $limit,
            $wording->reason($state, $side, $limit, $span, $least, $most),
            $wording->action($state, $side),
            $wording->words($state, $side, $limit, $least, $most));
    }

    /** The verdict with another advice: which leaf would settle it, how much to file. */
    public function advising(?string $action): self
    {
        return $this->saying($this->reason, $action);
    }

    /** The verdict with one more sentence to its reason. */
    public function remarking(string $sentence): self
    {
        return $this->saying($this->reason.' '.$sentence, $this->action);
    }

    /** The verdict where nobody can say how much room is left. */
    public function withoutMargin(): self
    {
        return new self($this->state, $this->side, $this->span, null, $this->limit, $this->reason, $this->action, $this->words);
    }

    private function saying(string $reason, ?string $action): self
    {
        return new self($this->state, $this->side, $this->span, $this->margin, $this->limit, $reason, $action, $this->words);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'state' => $this->state->value,
            'side' => $this->side?->value,
            'likely' => $this->span?->likely->value,
            'between' => $this->state === State::Unsure ? [$this->span?->best->value, $this->span?->worst->value] : null,
            'margin' => $this->margin === null ? null : $this->limit?->dimension->quantity($this->margin),
            'limit' => $this->limit?->toArray(),
            'reason' => $this->reason,
            'action' => $this->action,
        ];
    }

    /** The best zone the interval touches: it is held up from below by its high end and from above by its low end. */
    private static function bestOf(Limit $limit, Interval $interval): Zone
    {
        $fromBelow = $interval->high === null ? Zone::Within : $limit->zoneBelow($interval->high, $interval->highIncluded);

        return Zone::worse($fromBelow, $limit->zoneAbove($interval->low));
    }
}
