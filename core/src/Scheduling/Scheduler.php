<?php

namespace Moltrek\Core\Scheduling;

/**
 * Puts tasks to people so that the last one is finished early.
 *
 * First tasks are taken by rules (the longest chain behind them first, and others), each as early as it can be. Then, for
 * a handful of tasks, every turn and person that could still finish earlier is tried, as long as it may gain more than a
 * twenty-fifth, within a bound on the number of tries. Deterministic. Source: serial schedule generation with branch and
 * bound, as in the resource-constrained scheduling literature.
 */
final class Scheduler
{
    /** Up to how many tasks every turn is tried. */
    private const FEW = 14;

    /** Up to how many the best is looked for, not the nearly best. */
    private const VERY_FEW = 8;

    private const TRIES = 12_000;

    /** What a try must be able to gain to be worth it. */
    private const WORTH = 1.04;

    private int $tries = 0;

    private Schedule $best;

    /** @var list<int> a turn in which needs come first */
    private array $turn;

    /** @var array<int, int> seconds of the longest chain from the beginning of each task */
    private array $tails;

    /**
     * @param  list<ShopTask>  $tasks  without a cycle
     * @param  int  $people  how many there are
     * @param  array<int, WorkCalendar>  $own  of people who do not work when the shop is open
     */
    private function __construct(
        private readonly array $tasks,
        private readonly int $people,
        private readonly int $start,
        private readonly WorkCalendar $calendar,
        private readonly array $own = [],
    ) {
        $this->turn = self::needsFirst($tasks);
        $this->tails = $this->tails();
    }

    /** @param  list<ShopTask>  $tasks */
    public static function schedule(array $tasks, int $people, int $start, WorkCalendar $calendar): Schedule
    {
        $scheduler = new self($tasks, $people, $start, $calendar);
        $scheduler->best = $scheduler->byRules();
        if (count($tasks) <= self::FEW) {
            $scheduler->tryAll([], [], [], array_fill(0, max(1, $people), $start), []);
        }

        return $scheduler->best;
    }

    /**
     * By ranks: whoever is free takes, of what can begin soonest, what ranks first. For a shop with promises.
     *
     * @param  list<ShopTask>  $tasks  without a cycle
     * @param  list<int>  $ranks  of each task; smaller goes first
     * @param  array<int, WorkCalendar>  $own  of people who do not work when the shop is open
     */
    public static function inTurn(array $tasks, int $people, int $start, WorkCalendar $calendar, array $ranks, array $own = []): Schedule
    {
        $scheduler = new self($tasks, $people, $start, $calendar, $own);
        $free = array_fill(0, max(1, $people), $start);
        $starts = $finishes = $who = $order = [];
        $waiting = array_flip($scheduler->turn);
        while ($waiting !== []) {
            $best = null;
            foreach (array_keys($waiting) as $index) {
                if ($scheduler->isReady($index, $finishes)) {
                    [$person, $begin] = $scheduler->soonest($index, $free, $finishes);
                    $key = [$begin, $ranks[$index], -$scheduler->tails[$index], $index];
                    if ($best === null || $key < $best[0]) {
                        $best = [$key, $index, $person, $begin];
                    }
                }
            }
            if ($best === null) {
                break;
            }
            unset($waiting[$best[1]]);
            $scheduler->place($best[1], $best[2], $best[3], $free, $starts, $finishes, $who, $order);
        }

        return new Schedule($order, $starts, $finishes, $who, $finishes === [] ? $start : max($finishes), $own);
    }

    /**
     * Task indexes in an order in which every need comes before what needs it; fewer than there are tasks where they form a cycle.
     *
     * @param  list<ShopTask>  $tasks
     * @return list<int>
     */
    public static function needsFirst(array $tasks): array
    {
        $open = array_map(static fn (ShopTask $task): int => count(array_unique($task->after)), $tasks);
        $followers = [];
        foreach ($tasks as $index => $task) {
            foreach (array_unique($task->after) as $need) {
                $followers[$need][] = $index;
            }
        }
        $ready = array_keys(array_filter($open, static fn (int $needs): bool => $needs === 0));
        for ($i = 0; $i < count($ready); $i++) {
            foreach ($followers[$ready[$i]] ?? [] as $follower) {
                if (--$open[$follower] === 0) {
                    $ready[] = $follower;
                }
            }
        }

        return $ready;
    }

    private function byRules(): Schedule
    {
        $best = $this->byRule(static fn (int $index): array => [$index]);
        $rules = [
            fn (int $index): array => [-$this->tails[$index], $index],
            fn (int $index): array => [-$this->tails[$index] - $this->tasks[$index]->seconds, $index],
            fn (int $index): array => [count($this->tasks[$index]->who), -$this->tails[$index], $index],
            fn (int $index): array => [-$this->tasks[$index]->seconds, $index],
        ];
        foreach ($rules as $rule) {
            $schedule = $this->byRule($rule);
            if ($schedule->finish < $best->finish) {
                $best = $schedule;
            }
        }

        return $best;
    }

    /** @param  callable(int): list<int>  $rule  smaller goes first */
    private function byRule(callable $rule): Schedule
    {
        $waiting = array_map($rule, $this->turn);
        $waiting = array_combine($this->turn, $waiting);
        asort($waiting);
        $free = array_fill(0, max(1, $this->people), $this->start);
        $starts = $finishes = $who = $order = [];
        while ($waiting !== []) {
            foreach (array_keys($waiting) as $index) {
                if (array_diff_key(array_flip($this->tasks[$index]->after), $finishes) === []) {
                    break;
                }
            }
            unset($waiting[$index]);
            [$person, $begin] = $this->soonest($index, $free, $finishes);
            $this->place($index, $person, $begin, $free, $starts, $finishes, $who, $order);
        }

        return new Schedule($order, $starts, $finishes, $who, $finishes === [] ? $this->start : max($finishes));
    }

    /**
     * The person with whom it begins soonest; among equals the one who has been free the shortest.
     *
     * @param  array<int, int>  $free
     * @param  array<int, int>  $finishes
     * @return array{int|null, int}
     */
    private function soonest(int $index, array $free, array $finishes): array
    {
        $ready = $this->ready($index, $finishes);
        $task = $this->tasks[$index];
        if (! $task->takesPerson()) {
            return [null, $ready];
        }
        $chosen = null;
        $soonest = PHP_INT_MAX;
        foreach ($task->who as $person) {
            $begin = $this->calendarOf($person)->nextOpen(max($ready, $free[$person]));
            if ($begin < $soonest || ($begin === $soonest && $chosen !== null && $free[$person] > $free[$chosen])) {
                [$chosen, $soonest] = [$person, $begin];
            }
        }

        return [$chosen, $soonest];
    }

    private function calendarOf(int $person): WorkCalendar
    {
        return $this->own[$person] ?? $this->calendar;
    }

    /** @param  array<int, int>  $finishes */
    private function ready(int $index, array $finishes): int
    {
        $ready = max($this->start, $this->tasks[$index]->notBefore ?? $this->start);
        foreach ($this->tasks[$index]->after as $need) {
            $ready = max($ready, $finishes[$need]);
        }

        return $ready;
    }

    /**
     * @param  array<int, int>  $free
     * @param  array<int, int>  $starts
     * @param  array<int, int>  $finishes
     * @param  array<int, int|null>  $who
     * @param  list<int>  $order
     */
    private function place(
        int $index,
        ?int $person,
        int $begin,
        array &$free,
        array &$starts,
        array &$finishes,
        array &$who,
        array &$order,
    ): void {
        $task = $this->tasks[$index];
        $starts[$index] = $begin;
        $finishes[$index] = $person !== null ? $this->calendarOf($person)->finish($begin, $task->seconds) : $begin + $task->seconds;
        $who[$index] = $person;
        $order[] = $index;
        if ($person !== null) {
            $free[$person] = $finishes[$index];
        }
    }

    /**
     * Goes on from a half-made schedule in every way that may be worth it.
     *
     * @param  array<int, int>  $starts
     * @param  array<int, int>  $finishes
     * @param  array<int, int|null>  $who
     * @param  array<int, int>  $free
     * @param  list<int>  $order
     */
    private function tryAll(array $starts, array $finishes, array $who, array $free, array $order): void
    {
        do {
            $placed = false;
            foreach ($this->turn as $index) {
                if (! isset($finishes[$index]) && ! $this->tasks[$index]->takesPerson() && $this->isReady($index, $finishes)) {
                    $this->place($index, null, $this->ready($index, $finishes), $free, $starts, $finishes, $who, $order);
                    $placed = true;
                }
            }
        } while ($placed);
        if (count($order) === count($this->tasks)) {
            $finish = $finishes === [] ? $this->start : max($finishes);
            if ($finish < $this->best->finish) {
                $this->best = new Schedule($order, $starts, $finishes, $who, $finish);
            }

            return;
        }
        if (++$this->tries > self::TRIES || ($this->atBest($finishes, $free) - $this->start) * (count($this->tasks) <= self::VERY_FEW
            ? 1.0 : self::WORTH) >= $this->best->finish - $this->start) {
            return;
        }
        $ways = [];
        foreach ($this->turn as $index) {
            if (! isset($finishes[$index]) && $this->isReady($index, $finishes)) {
                foreach ($this->different($index, $free) as $person) {
                    $ways[] = [
                        -$this->tails[$index],
                        $this->calendar->nextOpen(max($this->ready($index, $finishes), $free[$person])),
                        $index,
                        $person,
                    ];
                }
            }
        }
        sort($ways);
        foreach ($ways as [, $begin, $index, $person]) {
            [$nextFree, $nextStarts, $nextFinishes, $nextWho, $nextOrder] = [$free, $starts, $finishes, $who, $order];
            $this->place($index, $person, $begin, $nextFree, $nextStarts, $nextFinishes, $nextWho, $nextOrder);
            $this->tryAll($nextStarts, $nextFinishes, $nextWho, $nextFree, $nextOrder);
        }
    }

    /** @param  array<int, int>  $finishes */
    private function isReady(int $index, array $finishes): bool
    {
        foreach ($this->tasks[$index]->after as $need) {
            if (! isset($finishes[$need])) {
                return false;
            }
        }

        return true;
    }

    /**
     * The people who may do a task, of those who may do the same tasks and are free at the same moment only one.
     *
     * @param  array<int, int>  $free
     * @return list<int>
     */
    private function different(int $index, array $free): array
    {
        $seen = $people = [];
        foreach ($this->tasks[$index]->who as $person) {
            $kind = $free[$person].'/'.implode(
                ',',
                array_keys(array_filter($this->tasks, static fn (ShopTask $task): bool => in_array($person, $task->who, true))),
            );
            if (! isset($seen[$kind])) {
                $seen[$kind] = true;
                $people[] = $person;
            }
        }

        return $people;
    }

    /**
     * No way to go on finishes before this: chains with nobody in their way, and all the work shared evenly.
     *
     * @param  array<int, int>  $finishes
     * @param  array<int, int>  $free
     */
    private function atBest(array $finishes, array $free): int
    {
        $ends = $finishes;
        $work = 0;
        foreach ($this->turn as $index) {
            if (isset($ends[$index])) {
                continue;
            }
            $task = $this->tasks[$index];
            $ready = $this->ready($index, $ends);
            if ($task->takesPerson()) {
                $ready = max($ready, min([PHP_INT_MAX, ...array_values(array_intersect_key($free, array_flip($task->who)))]));
                $work += $task->seconds;
            }
            $ends[$index] = $task->takesPerson() ? $this->calendar->finish($ready, $task->seconds) : $ready + $task->seconds;
        }
        $chains = max([$this->start, ...array_values($ends)]);
        if ($work === 0) {
            return $chains;
        }
        $counts = array_sum(array_map($this->calendar->countAt(...), $free));

        return max($chains, $this->calendar->endOf((int) ceil(($counts + $work) / count($free))));
    }

    /** @return array<int, int> */
    private function tails(): array
    {
        $tails = array_map(static fn (ShopTask $task): int => $task->seconds, $this->tasks);
        foreach (array_reverse($this->turn) as $index) {
            foreach ($this->tasks[$index]->after as $need) {
                $tails[$need] = max($tails[$need], $this->tasks[$need]->seconds + $tails[$index]);
            }
        }

        return $tails;
    }
}
