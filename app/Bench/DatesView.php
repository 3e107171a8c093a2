<?php

namespace App\Bench;

use App\Calculations\Schedule;
use App\Http\Shapes\DateBarShape;
use App\Http\Shapes\DateJobShape;
use App\Http\Shapes\DatePartShape;
use App\Http\Shapes\NeedShape;
use App\Models\Job;
use App\Models\Rechecks;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Parts\PartOnOrder;
use Moltrek\Core\Log\Parts\PlannedPart;
use Moltrek\Core\Log\Planning\OpenTask;
use Moltrek\Core\Log\Planning\OpenTasks;
use Moltrek\Core\Planning\Promise;
use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Scheduling\Hands;
use Moltrek\Core\Scheduling\OpeningHours;
use Moltrek\Core\Scheduling\PartsDue;
use Moltrek\Core\Scheduling\Schedule as Laid;
use Moltrek\Core\Scheduling\Scheduler;
use Moltrek\Core\Scheduling\ShopTask;
use Moltrek\Core\Scheduling\WorkCalendar;

/** What finishes when: every open step of every job laid over people, opening hours, waits and parts on order. */
final class DatesView
{
    /** @var array<int, BuildState> */
    private array $states = [];

    /** @var array<string, OpenTask> by job and id */
    private array $open = [];

    /** @var array<int, Job> */
    private array $jobs = [];

    /**
     * @param  int|null  $lateJob  a job whose parts are tried this many days later, without saving anything
     */
    public function __construct(private readonly DateTimeImmutable $now, private readonly ?int $lateJob = null, private readonly int $daysLater = 0)
    {
        foreach (Job::query()->with('sheet')->where('closed_at', null)->get()->sortBy(static fn (Job $job): array => [$job->promised?->format('Y-m-d') ?? '9999', $job->number]) as $job) {
            $this->jobs[$job->number] = $job;
            $this->states[$job->number] = JobLog::state($job);
        }
    }

    /** @return list<string> */
    public static function people(): array
    {
        return array_values(User::query()->get()->sortBy('id')->map(static fn (User $user): string => $user->initials)->all());
    }

    /** @return array<int, WorkCalendar> when they work who do not work when the shop is open, by their place among the people */
    private static function calendars(int $start): array
    {
        $calendars = [];
        foreach (array_values(User::query()->get()->sortBy('id')->all()) as $place => $user) {
            if ($user->hours !== null) {
                $hours = OpeningHours::read(Fields::of((object) ['hours' => (object) $user->hours], 'hours'));
                $calendars[$place] = new WorkCalendar($hours->byWeekday, new DateTimeZone(Shop::zone()), $start);
            }
        }

        return $calendars;
    }

    /** @return list<DateJobShape> */
    public function jobs(): array
    {
        $tasks = [];
        foreach ($this->states as $number => $state) {
            array_push($tasks, ...$this->tasks($number, $state));
        }
        $document = json_decode((string) json_encode([
            'start' => $this->now->format('Y-m-d\TH:i:00P'), 'zone' => $this->now->getTimezone()->getName(), 'hours' => (object) Shop::hours(), 'people' => self::people(), 'tasks' => $tasks,
        ]));
        $ranks = array_flip(array_keys($this->jobs));
        $answer = Schedule::laidOut($document, static fn (array $tasks, int $people, int $start, WorkCalendar $calendar): Laid => Scheduler::inTurn($tasks, $people, $start, $calendar,
            array_map(static fn (ShopTask $task): int => $ranks[(int) explode(':', $task->id, 2)[0]], $tasks), self::calendars($start)));
        $byJob = [];
        foreach ($answer['tasks'] as $task) {
            $byJob[(int) explode(':', $task['id'], 2)[0]][] = $task;
        }

        return array_map(fn (int $number): DateJobShape => $this->job($number, $byJob[$number] ?? []), array_keys($this->jobs));
    }

    /** @return list<array<string, mixed>> as the schedule takes them */
    private function tasks(int $number, BuildState $state): array
    {
        $hands = Hands::of($number, self::mechanics(), array_map(static fn (Entry $entry): string => $entry->by, $state->entries));
        $due = new PartsDue(Shop::today(), Shop::openingHours(), $this->now->getTimezone());
        $late = $number === $this->lateJob ? $this->daysLater : 0;

        return array_map(function (OpenTask $task) use ($number, $hands, $due, $late): array {
            $this->open["$number:$task->id"] = $task;
            $parts = $due->at(array_map(static fn (PartOnOrder $part): ?Day => $part->promised, $task->parts), $late);

            return [
                'id' => "$number:$task->id", 'minutes' => $task->minutes, 'after' => array_map(static fn (string $id): string => "$number:$id", $task->after),
                'kind' => $task->step === null ? 'wait' : 'work', 'who' => $hands === null ? self::people() : [$hands],
            ] + ($parts === null ? [] : ['not_before' => $parts->format('Y-m-d\TH:i:sP')]);
        }, OpenTasks::of($state, $this->now));
    }

    /** @return list<string> */
    private static function mechanics(): array
    {
        return array_values(User::query()->get()->sortBy('id')->filter(static fn (User $user): bool => $user->role !== Role::Owner)->map(static fn (User $user): string => $user->initials)->all());
    }

    /** @param  list<array{id: string, start: string, finish: string, who: string|null, critical: bool}>  $tasks */
    private function job(int $number, array $tasks): DateJobShape
    {
        $job = $this->jobs[$number];
        $state = $this->states[$number];
        $finish = $tasks === [] ? $this->now->format(DATE_ATOM) : max(array_column($tasks, 'finish'));
        $finished = new DateTimeImmutable($finish);
        $late = $job->promised === null ? null : -Promise::daysLeft($finished->setTimezone($this->now->getTimezone()), $job->promised);

        return new DateJobShape(
            number: $number,
            title: $state->sheet->title(),
            finish: $finish,
            promised: $job->promised?->format('Y-m-d'),
            daysLate: $late,
            bars: $this->bars($state, $tasks),
            parts: array_map(static fn (PartOnOrder $part): DatePartShape => new DatePartShape($part->part, $part->promised?->text), $state->parts->onOrder()),
            needs: self::needs($number, $state, $tasks),
        );
    }

    /**
     * By when each part that is not here has to be.
     *
     * @param  list<array{id: string, start: string, finish: string, who: string|null, critical: bool}>  $tasks
     * @return list<NeedShape>
     */
    private static function needs(int $number, BuildState $state, array $tasks): array
    {
        $starts = array_column($tasks, 'start', 'id');
        $needs = [];
        foreach (PlannedPart::all($state) as $part) {
            $at = array_filter(array_map(static fn (string $step): ?string => $starts["$number:$step"] ?? null, $part->for));
            if ($at !== [] && ! in_array($part->state, ['arrived', 'fitted'], true)) {
                $needs[] = new NeedShape($part->part, min($at));
            }
        }

        return $needs;
    }

    /**
     * One person's tasks that follow each other on one column are one bar.
     *
     * @param  list<array{id: string, start: string, finish: string, who: string|null, critical: bool}>  $tasks
     * @return list<DateBarShape>
     */
    private function bars(BuildState $state, array $tasks): array
    {
        usort($tasks, static fn (array $one, array $other): int => [$one['who'], $one['start']] <=> [$other['who'], $other['start']]);
        $bars = [];
        $columns = new Columns($state->sheet);
        foreach ($tasks as $task) {
            if ($task['start'] === $task['finish']) {
                continue;
            }
            $last = array_pop($bars);
            $open = $this->open[$task['id']];
            $column = $open->step === null ? null : $columns->ofStep($open->step);
            if ($last !== null && $last->who === $task['who'] && $last->who !== null && $last->column === $column && $this->meet($last->finish, $task['start'])) {
                $bars[] = new DateBarShape(
                    who: $last->who,
                    start: $last->start,
                    finish: $task['finish'],
                    text: $last->text,
                    critical: $last->critical || $task['critical'],
                    column: $column,
                    columnName: $last->columnName,
                );

                continue;
            }
            array_push($bars, ...($last === null ? [] : [$last]), ...[new DateBarShape(
                who: $task['who'],
                start: $task['start'],
                finish: $task['finish'],
                text: $open->name,
                critical: $task['critical'],
                column: $column,
                columnName: $column === null ? null : $columns->names()[$column],
            )]);
        }

        return $bars;
    }

    private function meet(string $finish, string $start): bool
    {
        return strtotime($start) - strtotime($finish) < 15 * 60;
    }

    /** @return list<array{uid: string, at: DateTimeImmutable, allDay: bool, text: string}> promises, arrivals, ends of waits */
    public function events(): array
    {
        $events = array_map(static fn (array $asked): array => [
            'uid' => 'again-'.$asked['id'], 'at' => new DateTimeImmutable($asked['due'], new DateTimeZone('UTC')), 'allDay' => true,
            'text' => $asked['what'].', '.$asked['machine'].' of '.$asked['owner'].', job '.$asked['job'],
        ], Rechecks::due());
        foreach ($this->states as $number => $state) {
            $title = $state->sheet->title().', job '.$number;
            $promised = $this->jobs[$number]->promised;
            if ($promised !== null) {
                $events[] = ['uid' => "job-$number-promised", 'at' => $promised->toDateTimeImmutable(), 'allDay' => true, 'text' => $title.' is promised'];
            }
            foreach ($state->parts->onOrder() as $part) {
                if ($part->promised !== null) {
                    $events[] = ['uid' => "job-$number-part-".md5($part->part), 'at' => $part->promised->midnight(), 'allDay' => true, 'text' => $part->part.' arrives for '.$title];
                }
            }
            foreach ($state->work->waits() as $wait) {
                $events[] = ['uid' => "job-$number-wait-".$wait->wait->id, 'at' => $wait->due(), 'allDay' => false, 'text' => $wait->wait->name.', '.$title];
            }
        }

        return $events;
    }
}
