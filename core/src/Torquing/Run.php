<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Sheet\StageKind;

/**
 * A joint being pulled: folded from its pulls, it is at any moment at one fastener in one pass. A pass is over when every
 * fastener in it has what it asks, whatever the sequence in which they came; one that is passed by is owed.
 *
 * A check pass in which a fastener moved is gone round again: what moved has eased its neighbours.
 */
final class Run
{
    /** @var array<int, array<string, Pull>> what counts, by pass and fastener */
    private array $done = [];

    /** @var array<string, float> degrees of an angle that was interrupted, by fastener */
    private array $turned = [];

    /** @var array<string, Owed> by fastener */
    private array $owed = [];

    /** @var array<string, string> why a fastener was replaced */
    private array $replaced = [];

    /** @var list<Made> */
    private array $made = [];

    /** @var array<string, Made> asked about and not settled, by fastener: past their limit, or what the hand felt */
    private array $asked = [];

    private ?string $void = null;

    /** @param  string  $id  of the entry that began it */
    public function __construct(
        public readonly string $id,
        public readonly string $step,
        public readonly Programme $programme,
    ) {
        foreach ($programme->bolts as $bolt) {
            if ($bolt->owedUntil !== null) {
                $this->owed[$bolt->id] = new Owed($bolt->id, 'it belongs to a later part', $bolt->owedUntil, false);
            }
        }
    }

    public function pull(Pull $pull): Outcome
    {
        $outcome = $this->outcomeOf($pull);
        $this->made[] = $made = new Made($pull, $outcome);
        if ($outcome->isAsked()) {
            $this->asked[$pull->bolt] = $made;
        }
        if ($outcome === Outcome::Interrupted) {
            $this->turned[$pull->bolt] = ($this->turned[$pull->bolt] ?? 0.0) + ($pull->said->figure ?? 0.0);
        }
        if ($outcome->counts()) {
            $this->count($pull);
        }

        return $outcome;
    }

    private function outcomeOf(Pull $pull): Outcome
    {
        $pass = $this->programme->pass($pull->pass);
        $current = $this->current();
        $owed = $this->owed[$pull->bolt] ?? null;
        $isCatchingUp = $owed !== null && $pull->pass === $this->lacks($pull->bolt);
        if ($pass === null || $this->void !== null || ($current === null && ! $isCatchingUp)) {
            return Outcome::Late;
        }
        if ($current !== null && $pull->pass > $current) {
            return Outcome::Ahead;
        }
        if (isset($this->done[$pull->pass][$pull->bolt]) || ($pull->pass < $current && ! $isCatchingUp)
            || ! in_array($pull->bolt, $pass->order, true)) {
            return Outcome::Again;
        }
        $due = $this->next();
        $judged = $this->verdictOn($pull)->outcome;
        $isOutOfTurn = $due !== null && $due->pass === $pull->pass && $due->bolt !== $pull->bolt && ! $isCatchingUp;

        return match (true) {
            $judged === Outcome::ClickedAtOnce && $this->wasPast($pull) => Outcome::Done,
            ! $judged->counts() => $judged,
            $pass->is(StageKind::Check) && $pull->said->hasMoved => Outcome::Moved,
            $isOutOfTurn => Outcome::OutOfOrder,
            default => $judged,
        };
    }

    /** Whether it was drawn past an earlier stage: then it is no wonder that the wrench clicks at once. */
    private function wasPast(Pull $pull): bool
    {
        for ($index = $this->programme->begins($pull->pass); $index < $pull->pass; $index++) {
            $earlier = $this->done[$index][$pull->bolt] ?? null;
            if ($earlier !== null && $this->verdictOn($earlier)->outcome === Outcome::Past) {
                return true;
            }
        }

        return false;
    }

    private function verdictOn(Pull $pull): PullVerdict
    {
        return PullVerdict::of($this->programme, $pull, $this->turned[$pull->bolt] ?? 0.0);
    }

    /** It is passed by for now: a part has to come first, the crank cannot be held, nothing reaches it. */
    public function skip(string $bolt, string $reason, string $release): void
    {
        if ($this->void === null && $this->lacks($bolt) !== null) {
            $this->owed[$bolt] = new Owed($bolt, $reason, $release, false);
            unset($this->asked[$bolt]);
            array_map($this->repeatCheck(...), array_keys($this->done));
        }
    }

    /** Another fastener is in its place: it is brought up stage by stage, and the check pass is gone round anew. */
    public function replace(string $bolt, string $reason): void
    {
        if ($this->void !== null) {
            return;
        }
        $this->replaced[$bolt] = $reason;
        unset($this->turned[$bolt], $this->asked[$bolt]);
        $group = $this->programme->bolts[$bolt]->group;
        foreach ($this->programme->passes as $index => $pass) {
            if ($pass->group === $group) {
                unset($this->done[$index][$bolt]);
                $this->done[$index] = $pass->is(StageKind::Check) ? [] : $this->done[$index] ?? [];
            }
        }
        $this->owed[$bolt] = new Owed($bolt, 'replaced, to be brought up to the others', '', true);
        $this->bringUp($bolt);
    }

    /** Everything from a pass on is pulled again: after slackening, or to be sure of one's place after a pause. */
    public function restart(int $pass): void
    {
        if ($this->void === null) {
            $this->asked = $this->turned = [];
            $this->done = array_filter($this->done, static fn (int $index): bool => $index < $pass, ARRAY_FILTER_USE_KEY);
        }
    }

    /** A pull that is asked about is taken upon oneself, and counts; never one that turns without rising. */
    public function accept(string $bolt): void
    {
        $made = $this->void === null ? $this->asked[$bolt] ?? null : null;
        if ($made?->outcome->mayBeAccepted() === true) {
            unset($this->asked[$bolt]);
            $this->count($made->pull);
        }
    }

    private function count(Pull $pull): void
    {
        unset($this->turned[$pull->bolt]);
        $this->done[$pull->pass][$pull->bolt] = $pull;
        $this->bringUp($pull->bolt);
        $this->repeatCheck($pull->pass);
    }

    public function voidBecause(string $why): void
    {
        $this->void ??= $why;
    }

    /** The pass that is being gone round; null when all of them are. */
    public function current(): ?int
    {
        foreach ($this->programme->passes as $index => $pass) {
            foreach ($pass->order as $bolt) {
                if (! isset($this->done[$index][$bolt]) && ! isset($this->owed[$bolt])) {
                    return $index;
                }
            }
        }

        return null;
    }

    /** What is to be pulled now; null while a fastener is asked about, and when there is nothing left. */
    public function next(): ?Due
    {
        if ($this->asked !== [] || $this->void !== null) {
            return null;
        }
        foreach ($this->owed as $owed) {
            $pass = $owed->isNow ? $this->lacks($owed->bolt) : null;
            if ($pass !== null) {
                return new Due($pass, $owed->bolt, $this->turned[$owed->bolt] ?? 0.0);
            }
        }
        $current = $this->current() ?? count($this->programme->passes);
        foreach ($this->programme->pass($current)->order ?? [] as $bolt) {
            if (! isset($this->done[$current][$bolt]) && ! isset($this->owed[$bolt])) {
                return new Due($current, $bolt, $this->turned[$bolt] ?? 0.0);
            }
        }

        return null;
    }

    /** The first pass that a fastener has not got. */
    public function lacks(string $bolt): ?int
    {
        foreach ($this->programme->passes as $index => $pass) {
            if (in_array($bolt, $pass->order, true) && ! isset($this->done[$index][$bolt])) {
                return $index;
            }
        }

        return null;
    }

    /** One that was owed is one of the others again, once it has what they have. */
    private function bringUp(string $bolt): void
    {
        if (! isset($this->owed[$bolt])) {
            return;
        }
        $lacks = $this->lacks($bolt);
        $current = $this->current();
        if ($lacks === null || ($current !== null && $lacks >= $current)) {
            unset($this->owed[$bolt]);
        }
    }

    private function repeatCheck(int $index): void
    {
        $pass = $this->programme->passes[$index];
        if (! $pass->is(StageKind::Check) || array_diff($pass->order, array_keys($this->done[$index]), array_keys($this->owed)) !== []) {
            return;
        }
        foreach ($this->done[$index] as $pull) {
            if ($pull->said->hasMoved) {
                $this->done[$index] = [];

                return;
            }
        }
    }

    /** Whether it has come to its end and its check pass stands; what is owed to a later part is a debt, and no hindrance. */
    public function isComplete(): bool
    {
        return $this->void === null && $this->asked === [] && $this->current() === null
            && array_filter($this->owed, static fn (Owed $owed): bool => $owed->isNow) === [];
    }

    public function isRunning(): bool
    {
        return $this->void === null && ! $this->isComplete();
    }

    /** The pull whose fastener is asked about before anything else. */
    public function asked(): ?Made
    {
        return array_values($this->asked)[0] ?? null;
    }

    /** What is asked about it: in a headline, and what to do. */
    public function verdictOnAsked(): ?PullVerdict
    {
        $asked = $this->asked();

        return $asked === null ? null : $this->verdictOn($asked->pull);
    }

    public function whyVoid(): ?string
    {
        return $this->void;
    }

    /** @return list<Owed> */
    public function owed(): array
    {
        return array_values($this->owed);
    }

    /** @return list<Made> every pull there was, as it happened */
    public function made(): array
    {
        return $this->made;
    }

    public function doneIn(int $pass, string $bolt): ?Pull
    {
        return $this->done[$pass][$bolt] ?? null;
    }

    /** @return list<string> fasteners of a pass that were left out although later ones have been pulled */
    public function missed(int $pass): array
    {
        $order = $this->programme->passes[$pass]->order;
        $done = array_keys(array_filter($order, fn (string $bolt): bool => isset($this->done[$pass][$bolt])));
        $before = $done === [] ? [] : array_slice($order, 0, max($done));

        return array_values(array_filter($before,
            fn (string $bolt): bool => ! isset($this->done[$pass][$bolt]) && ! isset($this->owed[$bolt])));
    }

    /**
     * Where one may begin again to be sure of one's place: this pass and the one before it. Not where an angle would be turned
     * twice, or where a fastener has been eased since.
     *
     * @return list<int>
     */
    public function stagesBack(): array
    {
        $current = $this->current();
        $isBegun = ($this->done[$current ?? -1] ?? []) !== [] || $this->turned !== [];
        $isSafe = fn (int $index): bool => isset($this->programme->passes[$index])
            && ! $this->programme->passes[$index]->is(StageKind::Angle) && ! $this->programme->passes[$index]->is(StageKind::Loosen);
        if ($current === null || $this->void !== null || $this->made === [] || ($isBegun && ! $isSafe($current))) {
            return [];
        }

        return array_values(array_filter([...$isBegun ? [$current] : [], $current - 1], $isSafe));
    }

    /** @return list<string> what stays visible of it: felt, snug, past a stage, in doubt, replaced, past its check */
    public function remarks(): array
    {
        return Remarks::on($this->programme, $this->done, $this->replaced);
    }
}
