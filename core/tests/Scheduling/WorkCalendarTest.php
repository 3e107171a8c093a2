<?php

use Eris\Generators;
use Moltrek\Core\Scheduling\WorkCalendar;
use Moltrek\Core\Tests\Property;

/** @param  array<int, list<array{int, int}>>  $hours by weekday, in hours of the day */
function opened(array $hours, string $zone, string $start): WorkCalendar
{
    $seconds = array_map(fn (array $ranges): array => array_map(fn (array $range): array => [$range[0] * 3600, $range[1] * 3600], $ranges), $hours);

    return new WorkCalendar($seconds, new DateTimeZone($zone), (new DateTimeImmutable($start))->getTimestamp());
}

function instant(string $text): int
{
    return (new DateTimeImmutable($text))->getTimestamp();
}

/** Monday to Friday, eight to twelve and one to five. */
const SHOP_WEEK = [1 => [[8, 12], [13, 17]], 2 => [[8, 12], [13, 17]], 3 => [[8, 12], [13, 17]], 4 => [[8, 12], [13, 17]], 5 => [[8, 12], [13, 17]]];

it('opens when the clock on the wall says so', function (string $moment, string $opens) {
    expect(opened(SHOP_WEEK, 'Europe/Lisbon', '2026-01-01T00:00:00+00:00')->nextOpen(instant($moment)))->toBe(instant($opens));
})->with([
    'before opening' => ['2026-11-24T06:30:00+00:00', '2026-11-24T08:00:00+00:00'],
    'in opening hours' => ['2026-11-24T09:10:00+00:00', '2026-11-24T09:10:00+00:00'],
    'at noon it closes' => ['2026-11-24T12:00:00+00:00', '2026-11-24T13:00:00+00:00'],
    'in the evening: tomorrow' => ['2026-11-24T17:00:00+00:00', '2026-11-25T08:00:00+00:00'],
    'on a Friday evening: Monday' => ['2026-11-27T18:00:00+00:00', '2026-11-30T08:00:00+00:00'],
    'in summer the wall clock stands an hour ahead' => ['2026-07-01T05:00:00+00:00', '2026-07-01T07:00:00+00:00'],
]);

it('finishes after so much open time', function (string $from, int $minutes, string $finish) {
    expect(opened(SHOP_WEEK, 'Europe/Lisbon', '2026-01-01T00:00:00+00:00')->finish(instant($from), $minutes * 60))->toBe(instant($finish));
})->with([
    'within a morning' => ['2026-11-24T08:00:00+00:00', 90, '2026-11-24T09:30:00+00:00'],
    'to the minute of closing' => ['2026-11-24T08:00:00+00:00', 240, '2026-11-24T12:00:00+00:00'],
    'over lunch: 3 h 30 before, 30 min after' => ['2026-11-24T08:30:00+00:00', 240, '2026-11-24T13:30:00+00:00'],
    'over a night' => ['2026-11-24T16:00:00+00:00', 120, '2026-11-25T09:00:00+00:00'],
    'over a weekend: Friday 16 to 17, Monday 8 to 9' => ['2026-11-27T16:00:00+00:00', 120, '2026-11-30T09:00:00+00:00'],
    'a week of eight hours a day' => ['2026-11-23T08:00:00+00:00', 5 * 480, '2026-11-27T17:00:00+00:00'],
]);

it('loses the hour that a clock change skips, and gains none it has not', function () {
    // on 29 March 2026 the clock in Lisbon goes from 1 to 2; a night shift from 0 to 4 has three hours
    $night = opened([7 => [[0, 4]]], 'Europe/Lisbon', '2026-03-28T12:00:00+00:00');
    expect($night->nextOpen(instant('2026-03-28T12:00:00+00:00')))->toBe(instant('2026-03-29T00:00:00+00:00'))
        ->and($night->finish(instant('2026-03-29T00:00:00+00:00'), 3 * 3600))->toBe(instant('2026-03-29T04:00:00+01:00'));
    // on 25 October it goes from 2 back to 1: five hours between 0 and 4
    $long = opened([7 => [[0, 4]]], 'Europe/Lisbon', '2026-10-24T12:00:00+00:00');
    expect($long->finish(instant('2026-10-25T00:00:00+01:00'), 5 * 3600))->toBe(instant('2026-10-25T04:00:00+00:00'));
});

it('knows whether it is ever open', function () {
    expect(opened([], 'UTC', '2026-01-01T00:00:00Z')->isEverOpen())->toBeFalse()
        ->and(opened([1 => []], 'UTC', '2026-01-01T00:00:00Z')->isEverOpen())->toBeFalse()
        ->and(opened([6 => [[9, 10]]], 'UTC', '2026-01-01T00:00:00Z')->isEverOpen())->toBeTrue();
});

it('never finishes in closed time, nor sooner for more work', function () {
    $calendar = opened(SHOP_WEEK, 'Europe/Lisbon', '2026-01-01T00:00:00+00:00');
    Property::holds(150, [Generators::choose(0, 300 * 1_440), Generators::choose(1, 6000), Generators::choose(1, 600)], function (int $offset, int $minutes, int $more) use ($calendar): void {
        $from = instant('2026-01-01T00:00:00+00:00') + $offset * 60;
        $finish = $calendar->finish($from, $minutes * 60);
        expect($finish)->toBeGreaterThanOrEqual($from + $minutes * 60)->and($calendar->finish($from, ($minutes + $more) * 60))->toBeGreaterThanOrEqual($finish + $more * 60);
        $wall = (new DateTimeImmutable('@'.$finish))->setTimezone(new DateTimeZone('Europe/Lisbon'));
        $hour = (int) $wall->format('G') + (int) $wall->format('i') / 60;
        expect((int) $wall->format('N'))->toBeLessThan(6)->and(($hour > 8 && $hour <= 12) || ($hour > 13 && $hour <= 17))->toBeTrue();
    });
});

it('can be worked in two pieces as well as in one', function () {
    $calendar = opened(SHOP_WEEK, 'Europe/Lisbon', '2026-01-01T00:00:00+00:00');
    Property::holds(150, [Generators::choose(0, 200 * 86_400), Generators::choose(1, 900), Generators::choose(1, 900)], function (int $offset, int $first, int $second) use ($calendar): void {
        $from = instant('2026-01-01T00:00:00+00:00') + $offset;
        expect($calendar->finish($calendar->finish($from, $first * 60), $second * 60))->toBe($calendar->finish($from, ($first + $second) * 60));
    });
});
