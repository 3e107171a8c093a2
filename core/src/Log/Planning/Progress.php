<?php

namespace Moltrek\Core\Log\Planning;

use Closure;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\Decision;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\StepKind;

/** How far the order of work has come: what was done, what no longer counts, what has been answered of the holds. */
final class Progress
{
    /** @var array<string, Entry> by step */
    private array $done = [];

    /** @var array<string, string> steps that were done and no longer count, and why */
    private array $void = [];

    /** @var array<string, array<int, Entry>> what was answered or waived of each hold, by item */
    private array $answers = [];

    /** @var array<string, Entry> who looked alone where two are asked for, by hold */
    private array $alone = [];

    /** @var array<string, Step>|null in order; composed when it is first asked for */
    private ?array $plan = null;

    /** @param  Closure(): array<string, Step>  $compose */
    public function __construct(private readonly Closure $compose)
    {
    }

    /** From what the plan is composed has changed. */
    public function recompose(): void
    {
        $this->plan = null;
    }

    /** @return array<string, Step> in order */
    public function plan(): array
    {
        return $this->plan ??= ($this->compose)();
    }

    public function step(string $id): ?Step
    {
        return $this->plan()[$id] ?? null;
    }

    public function tick(Step $step, Entry $entry): void
    {
        $this->done[$step->id] = $entry;
        unset($this->void[$step->id]);
    }

    /** A step that was done is to be done again. */
    public function reopen(Step $step, string $why): void
    {
        $this->void[$step->id] = $why;
        unset($this->done[$step->id]);
    }

    /**
     * The step that a decision settles.
     *
     * @param  list<string>|null  $slabs  on one of which it is settled; null for any
     */
    public function deciding(Decision $decision, ?string $cylinder = null, ?array $slabs = null): ?Step
    {
        foreach ($this->plan() as $step) {
            if ($step->effect->decides === $decision && $step->place->cylinder === $cylinder
                && ($slabs === null || in_array($step->place->slab, $slabs, true))) {
                return $step;
            }
        }

        return null;
    }

    /**
     * Slabs had come off before it came in: taking them off is done, and nothing under them can be read as found.
     *
     * @param  list<string>  $slabs
     * @param  bool  $apart  whether all that the job takes off came off
     */
    public function cameApart(array $slabs, bool $apart, Entry $entry): void
    {
        foreach ($this->plan() as $step) {
            $isOff = in_array($step->effect->joint->lifts, $slabs, true) || array_intersect($step->effect->joint->opensWith, $slabs) !== [];
            if ($apart ? $step->kind === StepKind::TakeOff || $step->asks->asFound : $isOff) {
                $this->done[$step->id] = $entry;
            }
        }
        $this->missAsFound($entry);
    }

    /** What was to be read as it came in, and was not before the step that spoils it, can be had no more. */
    private function missAsFound(Entry $entry): void
    {
        foreach ($this->plan() as $step) {
            foreach (isset($this->done[$step->id]) ? $step->order->needs : [] as $need) {
                if ($this->plan()[$need]->asks->asFound) {
                    $this->done[$need] ??= $entry;
                }
            }
        }
    }

    /** An engine on which nothing has been put together yet stands as it was built. */
    public function standAsBuilt(Entry $entry): void
    {
        foreach ($this->plan() as $step) {
            if ($step->kind->isAssembly()) {
                $this->done[$step->id] ??= $entry;
            }
        }
    }

    public function answer(Step $hold, int $item, Entry $entry): void
    {
        $this->answers[$hold->id][$item] = $entry;
    }

    public function doWithoutSecond(Step $hold, Entry $entry): void
    {
        $this->alone[$hold->id] = $entry;
    }

    /** By what somebody did without the second pair of eyes. */
    public function aloneBy(string $hold): ?Entry
    {
        return $this->alone[$hold] ?? null;
    }

    /** Whether everything a hold asks has been answered, by two where it asks for two and nobody works alone. */
    public function isAnswered(Step $hold): bool
    {
        return count($this->answersTo($hold->id)) === count($hold->asks->items)
            && (! $hold->asks->secondPerson || isset($this->alone[$hold->id]) || count($this->answerers($hold->id)) > 1);
    }

    /** @return array<int, Entry> what has been answered of a hold, by item */
    public function answersTo(string $hold): array
    {
        return $this->answers[$hold] ?? [];
    }

    /** @return list<string> who has answered a hold, or stood by when it was answered */
    public function answerers(string $hold): array
    {
        $people = [];
        foreach ($this->answersTo($hold) as $answer) {
            array_push($people, $answer->by, $answer->said instanceof HoldAnswered ? $answer->said->second : '');
        }

        return array_values(array_unique(array_filter($people, static fn (string $person): bool => $person !== '')));
    }

    public function doneBy(string $step): ?Entry
    {
        return $this->done[$step] ?? null;
    }

    public function voidBecause(string $step): ?string
    {
        return $this->void[$step] ?? null;
    }

    /** @return list<Step> the steps that stand done, in order */
    public function standing(): array
    {
        return array_values(array_intersect_key($this->plan(), $this->done));
    }

    /**
     * Takes ticks back: those that are meant and, where a slab was lifted, every tick of putting together that stood on one.
     *
     * @return list<string> the steps that were taken back
     */
    public function undo(Undone $undone): array
    {
        $taken = [];
        foreach ($this->standing() as $step) {
            if ($undone->takesBack($step)) {
                $this->void[$step->id] = $undone->why;
                unset($this->done[$step->id], $this->answers[$step->id], $this->alone[$step->id]);
                $taken[] = $step->id;
            }
        }
        foreach ($this->plan() as $step) {
            if ($step->kind === StepKind::TakeOff && $undone->tookApart($step)) {
                $this->done[$step->id] ??= $undone->by;
            }
        }
        if ($undone->isLift()) {
            $this->missAsFound($undone->by);
        }

        return $taken;
    }
}
