<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Side;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\Leaf;
use Moltrek\Core\Measuring\Wordings;

/**
 * A gap between leaves, judged (a ring's end gap most of all): two leaves decide it (the minimum must pass, the maximum must
 * refuse). Too tight can be filed open; the amount to take off is known only as far as the leaves have said. Source: shop practice.
 */
final readonly class RingGap
{
    private function __construct(
        public FeelerBracket $bracket,
        private ?Limit $limit,
        public Verdict $verdict,
        /** @var list<Trial> */
        public array $trials,
    ) {
    }

    /** @param  list<Leaf>  $leaves the leaves on the shelf, to say which would settle it */
    public static function of(FeelerBracket $bracket, ?Limit $limit, array $leaves = [], ?Wording $wording = null): self
    {
        $verdict = Verdict::of($limit, $wording ?? Wordings::ringGap(), $bracket->interval());
        $trials = $verdict->state === State::Unsure && $limit !== null ? Trial::settling($bracket, $limit, $leaves) : [];
        if ($trials !== []) {
            $verdict = $verdict->advising(implode(' ', array_map(static fn (Trial $trial): string => $trial->written(), $trials)));
        }

        return new self($bracket, $limit, $verdict, $trials);
    }

    /**
     * How much to take off a tight gap: at least min − low, at most max − high. Where no leaf has passed, or the leaves lie too far
     * apart for both, the gap is known from above alone: min − high comes off at the least, a little at a time, read after each.
     *
     * @return ToFile|null null where filing is not the answer or no amount is safe
     */
    public function file(): ?ToFile
    {
        $min = $this->limit?->min;
        if ($this->verdict->side !== Side::Low || $min === null) {
            return null;
        }
        $high = $this->bracket->high?->nanometres;
        if (! $this->bracket->hasLow()) {
            return $high === null ? null : ToFile::bySteps($min - $high);
        }
        $atLeast = $min - $this->bracket->low->nanometres;
        $max = $this->limit->max;

        return match (true) {
            $max === null => new ToFile($atLeast),
            $high === null => null,
            $max - $high < $atLeast => ToFile::bySteps($min - $high),
            default => new ToFile($atLeast, $max - $high),
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $verdict = $this->verdict->toArray();

        return [
            'gap' => $this->bracket->toArray(),
            'limit' => $verdict['limit'],
            'verdict' => $verdict,
            'file' => $this->file()?->toArray(),
            'try' => array_map(static fn (Trial $trial): array => $trial->toArray(), $this->trials),
        ];
    }
}
