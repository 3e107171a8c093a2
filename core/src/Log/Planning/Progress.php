<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\Decision;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepKind;

/** How far the order of work has come: what was done, what no longer counts, what has been answered of the holds. */
final class Progress
{
    /** @var array<string, Entry> by step */
    private array $done = [];

    /** @var array<string, string> steps that were done and no longer count, and why */
    private array $void = [];

    /** @var array<string, array<int, Entry>> what was answered or waived of each hold, by item */
    private array $answers = [];

    /** @param  array<string, Step>  $plan  in order */
    public function __construct(private array $plan)
    {
    }

    /** @param  array<string, Step>  $plan */
    public function follow(array $plan): void
    {
        $this->plan = $plan;
    }

    /** @return array<string, Step> in order */
    public function plan(): array
    {
        return $this->plan;
    }

    public function step(string $id): ?Step
    {
        return $this->plan[$id] ?? null;
    }

    public function tick(Step $step, Entry $entry): void
    {
        $this->done[$step->id] = $entry;
        unset($this->void[$step->id]);
    }

    /** The step that a decision settles. */
    public function deciding(Decision $decision, ?string $cylinder = null): ?Step
    {
        foreach ($this->plan as $step) {
            if ($step->effect->decides === $decision && $step->place->cylinder === $cylinder) {
                return $step;
            }
        }

        return null;
    }

    /** The engine came in pieces: what comes before that is done, and can no longer be read as found. */
    public function cameApart(Entry $entry): void
    {
        foreach ($this->plan as $step) {
            if ($step->kind === StepKind::TakeOff || $step->asks->asFound) {
                $this->done[$step->id] = $entry;
            }
        }
    }

    /** An engine on which nothing has been put together yet stands as it was built. */
    public function standAsBuilt(Entry $entry): void
    {
        foreach ($this->plan as $step) {
            if ($step->kind->isAssembly()) {
                $this->done[$step->id] ??= $entry;
            }
        }
    }

    public function answer(Step $hold, int $item, Entry $entry): void
    {
        $this->answers[$hold->id][$item] = $entry;
    }

    /** Whether everything a hold asks has been answered, by two where it asks for two. */
    public function isAnswered(Step $hold): bool
    {
        return count($this->answersTo($hold->id)) === count($hold->asks->items)
            && (! $hold->asks->secondPerson || count($this->answerers($hold->id)) > 1);
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
        return array_values(array_intersect_key($this->plan, $this->done));
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
            if ($undone->takesBack($step) || ($undone->isLift() && $step->kind->isAssembly() && $this->stoodOnVoid($step))) {
                $this->void[$step->id] = $undone->why;
                unset($this->done[$step->id], $this->answers[$step->id]);
                $taken[] = $step->id;
            }
        }
        foreach ($this->plan as $step) {
            if ($step->kind === StepKind::TakeOff && $undone->tookApart($step)) {
                $this->done[$step->id] ??= $undone->by;
            }
        }

        return $taken;
    }

    private function stoodOnVoid(Step $step): bool
    {
        foreach ($step->order->needs as $need) {
            if (isset($this->void[$need])) {
                return true;
            }
        }

        return $step->order->hold !== null && isset($this->void[$step->order->hold]);
    }
}
