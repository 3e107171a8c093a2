<?php

use Eris\Generators;
use Moltrek\Core\Scheduling\Schedule;
use Moltrek\Core\Scheduling\Scheduler;
use Moltrek\Core\Scheduling\ShopTask;
use Moltrek\Core\Scheduling\WorkCalendar;
use Moltrek\Core\Tests\Property;
use Moltrek\Core\Timing\CrankGeometry;
use Moltrek\Core\Timing\PistonHeights;

/** Tuesday 1 December 2026, eight in the morning. */
const TUESDAY = 1_796_112_000;

/** @param  array<int, list<array{float, float}>>  $hours by weekday, in hours of the day */
function shopHours(array $hours = [2 => [[8, 12], [13, 17]], 3 => [[8, 12]]], string $zone = 'UTC', int $start = TUESDAY): WorkCalendar
{
    return new WorkCalendar(array_map(fn (array $day): array => array_map(fn (array $range): array => [(int) ($range[0] * 3600), (int) ($range[1] * 3600)], $day), $hours), new DateTimeZone($zone), $start);
}

/** @param  list<array{0: int, 1?: list<int>, 2?: list<int>, 3?: bool}>  $tasks minutes, after, who, wait */
function planned(array $tasks, int $people = 1): Schedule
{
    $tasks = array_map(fn (array $task, int $index): ShopTask => new ShopTask((string) $index, $task[0] * 60, $task[1] ?? [], ($task[2] ?? []) ?: range(0, $people - 1), null, $task[3] ?? false), $tasks, array_keys($tasks));

    return Scheduler::schedule($tasks, $people, TUESDAY, shopHours());
}

function clockOn(int $moment): string
{
    return gmdate('D H:i', $moment);
}

it('rests while the shop is closed', function (int $minutes, string $finish) {
    expect(clockOn(shopHours()->finish(TUESDAY, $minutes * 60)))->toBe($finish);
})->with([
    'up to lunch' => [240, 'Tue 12:00'], 'past lunch' => [241, 'Tue 13:01'], 'the whole day' => [480, 'Tue 17:00'],
    'into the next' => [481, 'Wed 08:01'], 'a week on' => [721, 'Tue 08:01'], 'nothing' => [0, 'Tue 08:00'],
]);

it('begins in an opening minute', function (int $hour, string $opens) {
    expect(clockOn(shopHours()->nextOpen(TUESDAY + $hour * 3600)))->toBe($opens);
})->with(['at opening' => [0, 'Tue 08:00'], 'at lunch' => [4, 'Tue 13:00'], 'in the evening' => [10, 'Wed 08:00'], 'when the week is over' => [30, 'Tue 08:00']]);

it('counts an opening that a clock change skips from the change', function () {
    // on 29 March 2026 the clocks in Lisbon go from 01:00 to 02:00, which is 01:00 UTC
    $night = shopHours([7 => [[1.5, 3.5]]], 'Europe/Lisbon', strtotime('2026-03-29T00:00:00Z'));
    expect(gmdate('H:i', $night->nextOpen(strtotime('2026-03-29T00:00:00Z'))))->toBe('01:00')
        ->and(gmdate('H:i', $night->finish(strtotime('2026-03-29T00:00:00Z'), 5400)))->toBe('02:30');
    // on 25 October they go back: from half past midnight to three there are three and a half hours
    $long = shopHours([7 => [[0.5, 3]]], 'Europe/Lisbon', strtotime('2026-10-24T20:00:00Z'));
    expect(gmdate('H:i', $long->finish(strtotime('2026-10-24T20:00:00Z'), 12_600)))->toBe('03:00');
});

it('finishes as early as it can be done', function (array $tasks, int $people, string $finish) {
    expect(clockOn(planned($tasks, $people)->finish))->toBe($finish);
})->with([
    'one after the other' => [[[60], [60]], 1, 'Tue 10:00'],
    'side by side' => [[[60], [60]], 2, 'Tue 09:00'],
    'the wait first, so that it runs while others work' => [[[120], [30], [90, [1], [], true], [30, [2]]], 1, 'Tue 11:00'],
    'the longest first on two' => [[[60], [60], [120]], 2, 'Tue 10:00'],
    'a wait runs over lunch and needs nobody' => [[[180], [120, [0], [], true], [30, [1]]], 1, 'Tue 13:30'],
    'only one may do it' => [[[60, [], [1]], [60, [], [1]]], 2, 'Tue 10:00'],
    'a moment takes nobody' => [[[240], [0, [0]]], 1, 'Tue 12:00'],
    'nothing to do' => [[], 1, 'Tue 08:00'],
]);

it('calls critical what cannot take a minute longer', function () {
    $tasks = [[60], [30], [60, [0]]];
    $schedule = planned($tasks, 2);
    $objects = array_map(fn (array $task, int $index): ShopTask => new ShopTask((string) $index, $task[0] * 60, $task[1] ?? [], [0, 1], null, false), $tasks, array_keys($tasks));
    $critical = $schedule->critical($objects, shopHours());
    expect([$critical[0], $critical[1], $critical[2]])->toBe([true, false, true])
        ->and($schedule->criticalPath($objects, $critical, shopHours()))->toBe([0, 2]);
});

it('keeps needs, people and hours, whatever is asked of it', function () {
    $task = Generators::tuple(Generators::choose(0, 200), Generators::choose(0, 7), Generators::choose(0, 3), Generators::choose(0, 4));
    Property::holds(60, [Generators::tuple(...array_fill(0, 7, $task))], function (array $drawn): void {
        $tasks = [];
        foreach ($drawn as $index => [$minutes, $after, $who, $kind]) {
            $tasks[] = new ShopTask((string) $index, $minutes * 60, $after < $index ? [$after] : [], $who === 0 ? [0, 1] : [$who % 2], null, $kind === 0);
        }
        $calendar = shopHours();
        $schedule = Scheduler::schedule($tasks, 2, TUESDAY, $calendar);
        $last = [TUESDAY, TUESDAY];
        foreach ($schedule->order as $index) {
            $ready = max([TUESDAY, ...array_map(fn (int $need): int => $schedule->finishes[$need], $tasks[$index]->after)]);
            $person = $schedule->people[$index];
            if ($person !== null) {
                expect($person)->toBeIn($tasks[$index]->who);
                $ready = $calendar->nextOpen(max($ready, $last[$person]));
                $last[$person] = $schedule->finishes[$index];
            }
            // as early as it can begin, and not before
            expect($schedule->starts[$index])->toBe($ready);
        }
        expect(Scheduler::schedule($tasks, 2, TUESDAY, $calendar))->toEqual($schedule);
    });
});

it('says how high the pistons stand and which go in first', function () {
    $heights = new PistonHeights(new CrankGeometry(22.1, 92), ['1' => 0, '2' => 180_000_000_000, '3' => 180_000_000_000, '4' => 0]);
    expect(array_map(fn (float $below): float => round($below, 6), $heights->below(0)))->toBe(['1' => 0.0, '2' => 44.2, '3' => 44.2, '4' => 0.0]);
    expect($heights->lowering(0))->toBe([['crank' => 0, 'cylinders' => ['1', '4']], ['crank' => 180_000_000_000, 'cylinders' => ['2', '3']]]);
    expect(array_column($heights->lowering(10_000_000_000), 'crank'))->toBe([180_000_000_000, 0]);
    // a V: the rear piston leads by 48°, so it comes to the top 312° on
    $vee = new PistonHeights(new CrankGeometry(41.1, 178), ['front' => 0, 'rear' => 48_000_000_000]);
    expect(array_column($vee->lowering(0), 'crank'))->toBe([0, 312_000_000_000]);
});
