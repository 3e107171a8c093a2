<?php

namespace Moltrek\Core\Scheduling;

/**
 * Who does what when. Every task begins as early as its needs, its person and the hours allow, in the order it stands in.
 */
final readonly class Schedule
{
    /**
     * @param  list<int>  $order  task indexes by their turn
     * @param  array<int, int>  $starts
     * @param  array<int, int>  $finishes
     * @param  array<int, int|null>  $people
     * @param  array<int, WorkCalendar>  $own  of people who do not work when the shop is open
     */
    public function __construct(public array $order, public array $starts, public array $finishes, public array $people, public int $finish,
        private array $own = [])
    {
    }

    /** When whoever does a task works. */
    private function calendarOf(int $index, WorkCalendar $calendar): WorkCalendar
    {
        return $this->own[$this->people[$index] ?? -1] ?? $calendar;
    }

    /**
     * The tasks that cannot take a minute longer, with the same people and order, without the whole finishing later.
     * Counted backwards: a task may finish as late as the latest moment at which each that follows it can still begin.
     *
     * @param  list<ShopTask>  $tasks
     * @return array<int, bool>
     */
    public function critical(array $tasks, WorkCalendar $calendar): array
    {
        $latest = array_fill_keys(array_keys($tasks), $this->finish);
        $critical = [];
        $followers = $this->followers($tasks);
        foreach (array_reverse($this->order) as $index) {
            foreach ($followers[$index] ?? [] as $follower) {
                $ready = self::latestReady($tasks[$follower], $latest[$follower], $this->calendarOf($follower, $calendar));
                $latest[$index] = min($latest[$index], $ready);
            }
            $task = $tasks[$index];
            $longer = $task->isWait
                ? $this->starts[$index] + $task->seconds + 60
                : $this->calendarOf($index, $calendar)->finish($this->starts[$index], $task->seconds + 60);
            $critical[$index] = $longer > $latest[$index];
        }

        return $critical;
    }

    /**
     * A chain of critical tasks up to the finish, each held up by the one before it: a need, or the same person.
     *
     * @param  list<ShopTask>  $tasks
     * @param  array<int, bool>  $critical
     * @return list<int>
     */
    public function criticalPath(array $tasks, array $critical, WorkCalendar $calendar): array
    {
        $at = null;
        foreach (array_keys($tasks) as $index) {
            if ($this->finishes[$index] === $this->finish && ($at === null || ($critical[$index] && ! $critical[$at]))) {
                $at = $index;
            }
        }
        $path = [];
        $before = $this->personBefore();
        while ($at !== null) {
            array_unshift($path, $at);
            $at = $this->holderUp($at, $tasks, $critical, $before, $calendar);
        }

        return $path;
    }

    /**
     * @param  list<ShopTask>  $tasks
     * @param  array<int, bool>  $critical
     * @param  array<int, int>  $before
     */
    private function holderUp(int $at, array $tasks, array $critical, array $before, WorkCalendar $calendar): ?int
    {
        $candidates = [...$tasks[$at]->after, ...(isset($before[$at]) ? [$before[$at]] : [])];
        $holder = null;
        foreach ($candidates as $candidate) {
            $ready = $tasks[$at]->takesPerson() ? $this->calendarOf($at, $calendar)->nextOpen($this->finishes[$candidate])
                : $this->finishes[$candidate];
            if ($critical[$candidate] && $ready === $this->starts[$at]
                && ($holder === null || $this->finishes[$candidate] > $this->finishes[$holder])) {
                $holder = $candidate;
            }
        }

        return $holder;
    }

    /** @return array<int, int> the task that the same person does before it */
    private function personBefore(): array
    {
        $last = $before = [];
        foreach ($this->order as $index) {
            $person = $this->people[$index];
            if ($person !== null) {
                if (isset($last[$person])) {
                    $before[$index] = $last[$person];
                }
                $last[$person] = $index;
            }
        }

        return $before;
    }

    /**
     * @param  list<ShopTask>  $tasks
     * @return array<int, list<int>>
     */
    private function followers(array $tasks): array
    {
        $followers = [];
        foreach ($tasks as $index => $task) {
            foreach ($task->after as $need) {
                $followers[$need][] = $index;
            }
        }
        foreach ($this->personBefore() as $index => $before) {
            $followers[$before][] = $index;
        }

        return $followers;
    }

    private static function latestReady(ShopTask $task, int $latestFinish, WorkCalendar $calendar): int
    {
        return $task->takesPerson()
            ? $calendar->startOf($calendar->countAt($latestFinish) - $task->seconds) : $latestFinish - $task->seconds;
    }
}
