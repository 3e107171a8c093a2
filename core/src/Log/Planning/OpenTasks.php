<?php

namespace Moltrek\Core\Log\Planning;

use DateTimeImmutable;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Parts\PartOnOrder;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\SheetWait;

/** All that is open of a job, in order: its steps, the waits that run, and those that are still to begin. */
final class OpenTasks
{
    private const MINUTE = 60;

    /** @var array<string, OpenTask> by id */
    private array $tasks = [];

    private function __construct(private readonly BuildState $state, private readonly DateTimeImmutable $now)
    {
    }

    /** @return list<OpenTask> */
    public static function of(BuildState $state, DateTimeImmutable $now): array
    {
        $open = new self($state, $now);
        foreach ($state->work->waits() as $wait) {
            $open->add(OpenTask::wait($wait->wait, $open->minutesLeft($wait)));
        }
        foreach ($state->work->steps() as $step) {
            if ($open->isToDo($step)) {
                $open->add(OpenTask::step($step, $open->before($step), $open->partsFor($step)));
            }
        }
        $known = array_map(strval(...), array_keys($open->tasks));

        return array_values(array_map(static fn (OpenTask $task): OpenTask => $task->amongst($known), $open->tasks));
    }

    private function add(OpenTask $task): void
    {
        $this->tasks[$task->id] = $task;
    }

    private function minutesLeft(RunningWait $wait): int
    {
        return max(0, intdiv($wait->due()->getTimestamp() - $this->now->getTimestamp(), self::MINUTE));
    }

    /** What can no longer be read as found is not waited for. */
    private function isToDo(Step $step): bool
    {
        $work = $this->state->work;

        return ! $work->isDone($step) && ! ($step->asks->asFound && $work->blockages($step) !== []);
    }

    /** @return list<string> */
    private function before(Step $step): array
    {
        $work = $this->state->work;
        $hold = $step->order->hold === null ? null : $work->steps()[$step->order->hold];
        $ending = array_filter($work->waits(), static fn (RunningWait $wait): bool => $wait->wait->holds === $step->id);

        return array_values(array_unique([
            ...$work->openNeeds($step),
            ...$hold === null || $work->isDone($hold) ? [] : [$hold->id],
            ...array_map(static fn (RunningWait $wait): string => OpenTask::idOf($wait->wait), array_values($ending)),
            ...array_map($this->waited(...), array_values(array_filter($work->waitsBefore($step), $this->isStillWaited($step)))),
        ]));
    }

    /** @return callable(SheetWait): bool */
    private function isStillWaited(Step $step): callable
    {
        $work = $this->state->work;

        return fn (SheetWait $wait): bool => $this->isRunning($wait) || ! $work->isDone($work->steps()[$wait->after] ?? $step);
    }

    /** A wait that has not begun runs once what it stands after is done. */
    private function waited(SheetWait $wait): string
    {
        if (! isset($this->tasks[OpenTask::idOf($wait)])) {
            $this->add(OpenTask::wait($wait, intdiv($wait->seconds, self::MINUTE), [$wait->after]));
        }

        return OpenTask::idOf($wait);
    }

    private function isRunning(SheetWait $wait): bool
    {
        return array_filter($this->state->work->waits(), static fn (RunningWait $each): bool => $each->wait->id === $wait->id) !== [];
    }

    /** @return list<PartOnOrder> */
    private function partsFor(Step $step): array
    {
        $takes = $this->state->decisions->partsOf($step);

        return array_values(array_filter($this->state->parts->onOrder(),
            static fn (PartOnOrder $part): bool => $part->holdsUp($step->id) || in_array($part->part, $takes, true)));
    }
}
