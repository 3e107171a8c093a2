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
use Moltrek\Core\Quantity\Length;

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
     * How much to take off a tight gap: at least min − low, at most max − high.
     *
     * @return array{at_least: Length, at_most: Length|null}|null null where filing is not the answer or no amount is safe
     */
    public function file(): ?array
    {
        if ($this->verdict->side !== Side::Low || $this->limit?->min === null) {
            return null;
        }
        $atLeast = $this->limit->min - $this->bracket->low->nanometres;
        if ($this->limit->max === null) {
            return ['at_least' => Length::ofNanometres($atLeast), 'at_most' => null];
        }
        if ($this->bracket->high === null || $this->limit->max - $this->bracket->high->nanometres < $atLeast) {
            return null;
        }

        return [
            'at_least' => Length::ofNanometres($atLeast),
            'at_most' => Length::ofNanometres($this->limit->max - $this->bracket->high->nanometres),
        ];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $file = $this->file();
        $verdict = $this->verdict->toArray();

        return [
            'gap' => $this->bracket->toArray(),
            'limit' => $verdict['limit'],
            'verdict' => $verdict,
            'file' => $file === null ? null : ['at_least' => $file['at_least']->quantity(), 'at_most' => $file['at_most']?->quantity()],
            'try' => array_map(static fn (Trial $trial): array => $trial->toArray(), $this->trials),
        ];
    }
}
