<?php

namespace Moltrek\Core\Scheduling;

use DateTimeImmutable;
use DateTimeZone;

/**
 * When the shop is open, as stretches of time in Unix seconds, made as far ahead as they are asked for.
 *
 * Open means that the clock on the wall stands inside one of the day's ranges. So a clock change moves nothing else: an
 * opening that it skips counts from the change. Open seconds are counted through from the start: the count that a moment
 * stands at tells how much could have been worked by then.
 */
final class WorkCalendar
{
    private const DAY = 86_400;

    /** How much is made at a time. */
    private const STRETCH = 60 * self::DAY;

    /** @var list<array{int, int, int}> from, until, open seconds counted before it */
    private array $open = [];

    private int $madeUntil;

    private int $counted = 0;

    /** @param  array<int, list<array{int, int}>>  $hours  by weekday, 1 is Monday: seconds of the day, from and until, in order */
    public function __construct(private readonly array $hours, private readonly DateTimeZone $zone, int $start)
    {
        $this->madeUntil = $start;
    }

    public function isEverOpen(): bool
    {
        return array_filter($this->hours, static fn (array $ranges): bool => $ranges !== []) !== [];
    }

    /** The first open moment at or after this one. */
    public function nextOpen(int $moment): int
    {
        return $this->startOf($this->countAt($moment));
    }

    /** When work is done that takes so many seconds and could begin at this moment; it rests while the shop is closed. */
    public function finish(int $moment, int $seconds): int
    {
        return $seconds === 0 ? $moment : $this->endOf($this->countAt($moment) + $seconds);
    }

    /** The open seconds before a moment. */
    public function countAt(int $moment): int
    {
        $this->makeUntil($moment + 1);
        $stretch = $this->open[$this->find($moment, 0)] ?? null;
        if ($stretch === null || $moment < $stretch[0]) {
            return $stretch === null ? 0 : $stretch[2];
        }

        return $stretch[2] + min($moment, $stretch[1]) - $stretch[0];
    }

    /** The moment at which work begins that has so many open seconds before it: at a boundary the later one. */
    public function startOf(int $count): int
    {
        while ($this->counted <= $count) {
            $this->make();
        }
        $stretch = $this->open[$this->find($count, 2)];

        return $stretch[0] + $count - $stretch[2];
    }

    /** The moment at which so many open seconds have passed: at a boundary the earlier one. */
    public function endOf(int $count): int
    {
        while ($this->counted < $count) {
            $this->make();
        }
        $stretch = $this->open[max(0, $this->find($count - 1, 2))];

        return $stretch[0] + $count - $stretch[2];
    }

    private function makeUntil(int $moment): void
    {
        while ($this->madeUntil < $moment) {
            $this->make();
        }
    }

    /** The last stretch whose entry is not past the value; the first if there is none. */
    private function find(int $value, int $entry): int
    {
        [$low, $high] = [0, count($this->open) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->open[$middle][$entry] <= $value) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }

    private function make(): void
    {
        [$from, $until] = [$this->madeUntil, $this->madeUntil + self::STRETCH];
        $transitions = $this->zone->getTransitions($from, $until);
        foreach ($transitions as $index => $transition) {
            $this->makeAtOffset(max($from, $transition['ts']), $transitions[$index + 1]['ts'] ?? $until, $transition['offset']);
        }
        $this->madeUntil = $until;
    }

    /** The open stretches while the wall clock keeps one distance from UTC. */
    private function makeAtOffset(int $from, int $until, int $offset): void
    {
        $day = intdiv($from + $offset, self::DAY) * self::DAY;
        for (; $day - $offset < $until; $day += self::DAY) {
            $weekday = (int) (new DateTimeImmutable('@'.$day))->format('N');
            foreach ($this->hours[$weekday] ?? [] as [$opens, $closes]) {
                $this->append(max($from, $day + $opens - $offset), min($until, $day + $closes - $offset));
            }
        }
    }

    private function append(int $from, int $until): void
    {
        if ($from >= $until) {
            return;
        }
        $last = count($this->open) - 1;
        if ($last >= 0 && $this->open[$last][1] === $from) {
            $this->open[$last] = [$this->open[$last][0], $until, $this->open[$last][2]];
        } else {
            $this->open[] = [$from, $until, $this->counted];
        }
        $this->counted += $until - $from;
    }
}
