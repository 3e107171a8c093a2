<?php

namespace App\Calculations;

use DateTimeImmutable;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Scheduling\OpeningHours;
use Moltrek\Core\Scheduling\Schedule as Laid;
use Moltrek\Core\Scheduling\Scheduler;
use Moltrek\Core\Scheduling\ShopTask;
use Moltrek\Core\Scheduling\WorkCalendar;

final class Schedule implements Calculation
{
    /** Nothing is planned further ahead: two years, in minutes. */
    private const HORIZON = 2 * 366 * 24 * 60;

    private const MOST_TASKS = 500;

    private const MOST_LINKS = 5_000;

    public function name(): string
    {
        return 'schedule';
    }

    public function about(): string
    {
        return 'Who does what when, over opening hours, needs and waits; what is critical.';
    }

    public function example(): string
    {
        return '{"start": "2026-12-01T08:00:00+00:00", "zone": "Europe/London", "hours": {"tue": ["08:00-12:00", "13:00-17:00"], "wed": ["08:00-12:00"]}, "people": ["tomas", "petra"], "tasks": [{"id": "seal", "minutes": 30, "who": ["petra"]}, {"id": "cure", "minutes": 240, "after": ["seal"], "kind": "wait"}, {"id": "join", "minutes": 90, "after": ["cure"]}]}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'start', 'zone', 'hours', 'people', 'tasks')->limited('tasks', self::MOST_TASKS)->limited('people', self::MOST_TASKS);
        self::refuseTangled($in);

        return self::laidOut($document, static fn (array $tasks, int $people, int $start, WorkCalendar $calendar): Laid => Scheduler::schedule($tasks, $people, $start, $calendar));
    }

    /**
     * The same document laid out in another way.
     *
     * @param  callable(list<ShopTask>, int, int, WorkCalendar): Laid  $lay
     * @return array{tasks: list<array{id: string, start: string, finish: string, who: string|null, critical: bool}>, finish: string, critical_path: list<string>}
     */
    public static function laidOut(mixed $document, callable $lay): array
    {
        $in = Fields::of($document, 'start', 'zone', 'hours', 'people', 'tasks');
        $start = self::instant($in, 'start');
        $zone = OpeningHours::zone($in);
        $calendar = new WorkCalendar(OpeningHours::read($in)->byWeekday, $zone, $start->getTimestamp());
        $people = self::people($in);
        $tasks = self::tasks($in, $people);
        self::refuseImpossible($in, $tasks, $people, $calendar);
        $schedule = $lay($tasks, count($people), $start->getTimestamp(), $calendar);
        $critical = $schedule->critical($tasks, $calendar);
        $time = static fn (int $moment): string => (new DateTimeImmutable('@'.$moment))->setTimezone($zone)->format('Y-m-d\TH:i:sP');

        return [
            'tasks' => array_map(static fn (ShopTask $task, int $index): array => [
                'id' => $task->id, 'start' => $time($schedule->starts[$index]), 'finish' => $time($schedule->finishes[$index]),
                'who' => ($person = $schedule->people[$index]) === null ? null : $people[$person], 'critical' => $critical[$index],
            ], $tasks, array_keys($tasks)),
            'finish' => $time($schedule->finish),
            'critical_path' => array_map(static fn (int $index): string => $tasks[$index]->id, $schedule->criticalPath($tasks, $critical, $calendar)),
        ];
    }

    private static function refuseTangled(Fields $in): void
    {
        $links = 0;
        foreach ($in->has('tasks') ? $in->items('tasks') : [] as $task) {
            $raw = $task->raw($task->keys()[0]);
            $links += is_object($raw) && is_array($raw->after ?? null) ? count($raw->after) : 0;
        }
        if ($links > self::MOST_LINKS) {
            throw $in->placed(MalformedDocument::wrongSort($links.' needs', sprintf('at most %d needs in all', self::MOST_LINKS)), 'tasks');
        }
    }

    private static function instant(Fields $in, string $key): DateTimeImmutable
    {
        $text = $in->text($key, 60);
        $shape = '/^(\d{4})-(\d{2})-(\d{2})T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d+)?)?(Z|[+-]([01]\d|2[0-3]):?[0-5]\d)$/';
        if (preg_match($shape, $text, $part) !== 1 || ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            throw $in->placed(MalformedDocument::wrongSort($text, 'an instant with its offset, such as 2026-12-01T08:00:00+00:00'), $key);
        }

        return new DateTimeImmutable($text);
    }

    /** @return list<string> */
    private static function people(Fields $in): array
    {
        $people = $in->required('people')->texts('people');
        foreach ($people as $index => $person) {
            if (array_search($person, $people, true) !== $index) {
                throw $in->placed(ContradictoryFields::excluded('people.'.$index, $person, 'This name stands twice.', 'each name once'));
            }
        }

        return $people;
    }

    /**
     * @param  list<string>  $people
     * @return list<ShopTask>
     */
    private static function tasks(Fields $in, array $people): array
    {
        $read = $in->required('tasks')->objects('tasks', 'id', 'minutes', 'after', 'who', 'not_before', 'kind');
        $ids = [];
        foreach ($read as $index => $task) {
            $id = $task->text('id', 200);
            if (isset($ids[$id])) {
                throw $task->placed(ContradictoryFields::excluded('id', $id, 'This id stands twice.', 'each id once'));
            }
            $ids[$id] = $index;
        }

        $horizon = self::instant($in, 'start')->getTimestamp() + self::HORIZON * 60;

        return array_map(static fn (Fields $task): ShopTask => self::task($task, $ids, $people, $horizon), $read);
    }

    /**
     * @param  array<string|int, int>  $ids
     * @param  list<string>  $people
     */
    private static function task(Fields $task, array $ids, array $people, int $horizon): ShopTask
    {
        $minutes = $task->whole('minutes', 0, self::HORIZON);
        $after = [];
        foreach ($task->texts('after') as $index => $need) {
            $after[] = $ids[$need] ?? throw $task->placed(MalformedDocument::wrongSort($need, 'the id of a task'), 'after.'.$index);
        }
        $who = $task->texts('who');
        $kind = $task->textOrNull('kind', 20) ?? 'work';
        if ($kind !== 'work' && $kind !== 'wait') {
            throw $task->placed(MalformedDocument::wrongSort($kind, 'work or wait'), 'kind');
        }
        $able = [];
        if ($kind === 'work') {
            foreach ($who as $index => $person) {
                $found = array_search($person, $people, true);
                $able[] = $found === false ? throw $task->placed(MalformedDocument::wrongSort($person, 'one of '.implode(', ', $people)), 'who.'.$index) : $found;
            }
        }
        $notBefore = $task->has('not_before') ? self::instant($task, 'not_before')->getTimestamp() : null;
        if ($notBefore !== null && $notBefore > $horizon) {
            throw $task->placed(MalformedDocument::wrongSort($task->raw('not_before'), 'an instant at most two years after the start'), 'not_before');
        }

        return new ShopTask($task->text('id', 200), $minutes * 60, array_values(array_unique($after)), $able === [] ? array_keys($people) : array_values(array_unique($able)), $notBefore, $kind === 'wait');
    }

    /**
     * @param  list<ShopTask>  $tasks
     * @param  list<string>  $people
     */
    private static function refuseImpossible(Fields $in, array $tasks, array $people, WorkCalendar $calendar): void
    {
        $turn = Scheduler::needsFirst($tasks);
        if (count($turn) < count($tasks)) {
            $members = self::cycle($tasks, $turn);
            throw $in->placed(ContradictoryFields::excluded('tasks', implode(', ', $members), 'These tasks wait for each other: '.implode(', ', $members).'.', 'needs that do not come round again'));
        }
        if (array_filter($tasks, static fn (ShopTask $task): bool => $task->takesPerson()) === []) {
            return;
        }
        if (! $calendar->isEverOpen()) {
            throw $in->placed(MalformedDocument::wrongSort($in->raw('hours'), 'hours on one day at least, since there is work'), 'hours');
        }
        if ($people === []) {
            throw $in->placed(MalformedDocument::wrongSort([], 'somebody, since there is work'), 'people');
        }
    }

    /**
     * The tasks of one cycle, in the order in which they wait for each other.
     *
     * @param  list<ShopTask>  $tasks
     * @param  list<int>  $turn  those that are in no cycle and behind none
     * @return list<string>
     */
    private static function cycle(array $tasks, array $turn): array
    {
        $left = array_diff(array_keys($tasks), $turn);
        $at = (int) array_values($left)[0];
        $seen = [];
        while (! isset($seen[$at])) {
            $seen[$at] = count($seen);
            $at = (int) array_values(array_intersect($tasks[$at]->after, $left))[0];
        }

        return array_map(static fn (int $index): string => $tasks[$index]->id, array_slice(array_keys($seen), $seen[$at]));
    }
}
