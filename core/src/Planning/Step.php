<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Access;
use Moltrek\Core\Sheet\AccessKind;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\StepKind;

/** One act of the work: where it belongs, what it says, what comes before it, what it changes, what it asks. */
final readonly class Step
{
    public function __construct(
        public string $id,
        public StepKind $kind,
        public StepPlace $place,
        public Words $words,
        public Order $order,
        public Effect $effect,
        public Asks $asks,
        public int $minutes,
    ) {
    }

    /** @param  list<string>  $needs */
    public function needing(array $needs): self
    {
        return $this->with(order: $this->order->needing($needs));
    }

    /** The step behind another, by a constraint that says why. */
    public function after(string $first, Access $access): self
    {
        return $this->with(order: $this->order->after($first, $access));
    }

    /** The step with a caution: what is loose and falls. */
    public function warning(Access $access): self
    {
        return $this->with(words: $this->words->warning(match ($access->kind) {
            AccessKind::TrappedAtBothEnds => ucfirst($access->what).' is held at both ends: '.$access->why.'.',
            default => 'Loose: '.$access->what.', '.$access->why.'.',
        }));
    }

    /** The hold with one more thing to look at, in the words of the sheet. */
    public function asking(Access $access): self
    {
        return $this->with(asks: $this->asks->also(match ($access->kind) {
            AccessKind::TrappedAtBothEnds => ucfirst($access->what).' seen at both ends: '.$access->why,
            AccessKind::LooseCaptive => ucfirst($access->what).' held in its place: '.$access->why,
            default => ucfirst($access->what).' in: '.$access->why,
        }));
    }

    /** Whether it is done by this matter's school. */
    public function isDoneBy(string $matter): bool
    {
        return $this->words->matter === $matter || ($this->kind === StepKind::Torque && School::isOfPulls($matter));
    }

    /**
     * Whether an act takes it back: the step says so, and it was done where the step is.
     *
     * @param  string  $part  the valve it was done to; empty for all
     */
    public function isUndoneBy(Act $act, string $cylinder, string $part): bool
    {
        if (! in_array($act, $this->effect->undoneBy, true)) {
            return false;
        }
        if ($act->isOfValve()) {
            return ($part === '' || $this->place->isAt($part)) && ($cylinder === '' || $this->place->isAt($cylinder));
        }

        $of = $this->place->cylinder ?? $this->place->places[0] ?? null;

        return ! $act->isOfCylinder() || $of === null || $of === $cylinder;
    }

    private function with(?Words $words = null, ?Order $order = null, ?Asks $asks = null): self
    {
        return new self(
            $this->id,
            $this->kind,
            $this->place,
            $words ?? $this->words,
            $order ?? $this->order,
            $this->effect,
            $asks ?? $this->asks,
            $this->minutes,
        );
    }
}
