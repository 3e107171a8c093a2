<?php

use Eris\Generators;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Scheduling\Hands;
use Moltrek\Core\Scheduling\OpenDays;
use Moltrek\Core\Scheduling\OpeningHours;
use Moltrek\Core\Scheduling\PartsDue;
use Moltrek\Core\Tests\Property;

/** @param  array<string, list<string>>  $hours */
function openOn(array $hours): OpeningHours
{
    return OpeningHours::read(Fields::of(json_decode((string) json_encode(['hours' => (object) $hours])), 'hours'));
}

const WEEK = ['mon' => ['08:00-12:00'], 'tue' => ['08:00-12:00'], 'wed' => ['08:00-12:00'], 'thu' => ['08:00-12:00'], 'fri' => ['08:00-12:00']];

it('counts a delivery by open days', function (array $hours, string $from, int $days, string $here) {
    expect(OpenDays::of(openOn($hours))->later(Day::of($from), $days)->text)->toBe($here);
})->with([
    'Tuesday and three: Friday' => [WEEK, '2026-11-24', 3, '2026-11-27'],
    'Tuesday and four: over the weekend' => [WEEK, '2026-11-24', 4, '2026-11-30'],
    'Friday and one: Monday' => [WEEK, '2026-11-27', 1, '2026-11-30'],
    'ordered on a Saturday' => [WEEK, '2026-11-28', 1, '2026-11-30'],
    'here today' => [WEEK, '2026-11-28', 0, '2026-11-28'],
    'ten open days are two weeks' => [WEEK, '2026-11-24', 10, '2026-12-08'],
    'open on Saturdays too' => [WEEK + ['sat' => ['09:00-11:00']], '2026-11-27', 1, '2026-11-28'],
    'open on Wednesdays alone' => [['wed' => ['09:00-11:00']], '2026-11-24', 2, '2026-12-02'],
    'never open: every day counts' => [[], '2026-11-27', 2, '2026-11-29'],
]);

it('knows the weekdays on which nobody opens, Sunday as 0', function (array $hours, array $closed) {
    expect(OpenDays::of(openOn($hours))->closed())->toBe($closed);
})->with([
    'Monday to Friday' => [WEEK, [0, 6]],
    'Wednesdays' => [['wed' => ['09:00-11:00']], [0, 1, 2, 4, 5, 6]],
    'a day without ranges' => [WEEK + ['sun' => []], [0, 6]],
]);

it('comes on an open day, and not earlier than every day counted', function () {
    Property::holds(100, [Generators::choose(0, 60), Generators::choose(1, 28)], function (int $days, int $of): void {
        $from = Day::of(sprintf('2026-11-%02d', $of));
        $here = OpenDays::of(openOn(WEEK))->later($from, $days);
        expect($here->text >= $from->later($days)->text)->toBeTrue()
            ->and($days === 0 || $here->weekday() < 6)->toBeTrue();
    });
});

it('counts on parts as the shop opens on the last of their days', function (array $promised, int $late, ?string $at) {
    $due = new PartsDue(Day::of('2026-11-24'), openOn(['mon' => ['09:30-12:00'], 'tue' => ['07:00-12:00'], 'fri' => ['08:00-12:00', '13:00-17:00']]), new DateTimeZone('Europe/Lisbon'));
    $days = array_map(static fn (?string $day): ?Day => $day === null ? null : Day::of($day), $promised);
    expect($due->at($days, $late)?->format('Y-m-d\TH:i:sP'))->toBe($at);
})->with([
    'no part' => [[], 0, null],
    'on a Friday' => [['2026-11-27'], 0, '2026-11-27T08:00:00+00:00'],
    'the last of two' => [['2026-11-27', '2026-11-30'], 0, '2026-11-30T09:30:00+00:00'],
    'on a Sunday: as it opens on Monday' => [['2026-11-29'], 0, '2026-11-30T09:30:00+00:00'],
    'no day promised: in a week' => [[null], 0, '2026-12-01T07:00:00+00:00'],
    'no day promised, and one later' => [[null, '2026-12-04'], 0, '2026-12-04T08:00:00+00:00'],
    'four days late: Tuesday' => [['2026-11-27'], 4, '2026-12-01T07:00:00+00:00'],
    // 24 November 2026 and 600 days: 16 July 2028, a Sunday in summer
    'further than anything is laid out' => [['2030-01-01'], 0, '2028-07-17T09:30:00+01:00'],
]);

it('counts on parts from midnight where the shop never opens', function () {
    $due = new PartsDue(Day::of('2026-11-24'), openOn([]), new DateTimeZone('Europe/Lisbon'));
    expect($due->at([Day::of('2026-11-27')])?->format('c'))->toBe('2026-11-27T00:00:00+00:00');
});

it('puts a job into the hands that did most of it', function (array $able, array $said, int $job, ?string $hands) {
    expect(Hands::of($job, $able, $said))->toBe($hands);
})->with([
    'most entries' => [['TW', 'PS'], ['PS', 'TW', 'PS'], 214, 'PS'],
    'as many: who was first' => [['TW', 'PS'], ['PS', 'TW'], 214, 'PS'],
    'the owner does not count' => [['TW', 'PS'], ['RV', 'RV', 'TW'], 214, 'TW'],
    'nobody yet: by turns' => [['TW', 'PS'], [], 213, 'PS'],
    'nobody yet: the next job' => [['TW', 'PS'], ['RV'], 214, 'TW'],
    'there is nobody' => [[], ['RV'], 214, null],
]);
