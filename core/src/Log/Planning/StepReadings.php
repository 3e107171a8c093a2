<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Measuring\Readings;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Step;

/** Which places a measuring step stands for, and how far they have been read. */
final class StepReadings
{
    /** @var array<string, list<Spot>> by step */
    private array $spotsOf = [];

    public function __construct(private readonly Progress $progress, private readonly Readings $readings)
    {
    }

    /** @return list<Spot> the places that a measuring step stands for */
    public function spotsOf(Step $step): array
    {
        $asked = $step->asks->readings;

        return $this->spotsOf[$step->id] ??= $asked === null ? []
            : array_values(array_filter($this->readings->expected(), static fn (Spot $spot): bool => $asked->has($spot)));
    }

    /** A measure that is done because all its places have been read, though nobody ticked it. */
    public function areAllRead(Step $step): bool
    {
        $isTickedOrVoid = $this->progress->doneBy($step->id) !== null || $this->progress->voidBecause($step->id) !== null;

        return $this->spotsOf($step) !== [] && ! $isTickedOrVoid && $this->unreadOf($step) === [];
    }

    /** @return list<Spot> the places of a step that are still to be read for it, or read anew */
    public function unreadOf(Step $step): array
    {
        $isBefore = $this->isReadAgain($step);
        $since = $step->asks->since === null ? null : $this->doneWith($step->asks->since);

        return array_values(array_filter($this->spotsOf($step), fn (Spot $spot): bool => ! $this->isRead($spot, $isBefore, $since)));
    }

    /** Whether something it stands for no longer holds and is to be read again. */
    public function isStaleIn(Step $step): bool
    {
        return ! $this->isReadAgain($step)
            && array_filter($this->spotsOf($step), fn (Spot $spot): bool => $this->readings->staleAt($spot->id) !== null) !== [];
    }

    /** A place has been read: once, where the reading is a before; since a step, where it is to be new; else as it stands. */
    private function isRead(Spot $spot, bool $isBefore, ?Entry $since): bool
    {
        if ($isBefore && $this->readings->staleAt($spot->id) !== null) {
            return true;
        }
        $entry = $this->readings->entryAt($spot->id);

        return $entry !== null && ($since === null || $entry->isAfter($since));
    }

    /** With what a step was done: the entry that ticked it, or the last reading of its places; of a before, the first. */
    private function doneWith(string $id): ?Entry
    {
        $ticked = $this->progress->doneBy($id);
        $step = $this->progress->step($id);
        if ($ticked !== null || $step === null) {
            return $ticked;
        }
        $read = fn (Spot $spot): ?Entry => ($step->asks->asFound ? $this->readings->firstAt($spot->id) : null)
            ?? $this->readings->entryAt($spot->id);
        $readings = array_filter(array_map($read, $this->spotsOf($step)));

        return array_reduce($readings, static fn (?Entry $last, Entry $entry): Entry => $last?->isAfter($entry) === true ? $last : $entry);
    }

    /** Whether its readings are a before: of the machine as it came in, or of a part that is worked on and read again. */
    private function isReadAgain(Step $step): bool
    {
        return $step->asks->asFound || $this->progress->step($step->id.'.again') !== null;
    }
}
