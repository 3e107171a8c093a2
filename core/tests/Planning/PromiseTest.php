<?php

use Moltrek\Core\Planning\Promise;

it('counts whole days in the shop, not hours', function (string $now, string $promised, int $days, string $words) {
    $left = Promise::daysLeft(new DateTimeImmutable($now), new DateTimeImmutable($promised));
    expect([$left, Promise::inWords($left)])->toBe([$days, $words]);
})->with([
    ['2026-11-24T23:50:00+00:00', '2026-11-25', 1, 'due tomorrow'],
    ['2026-11-24T00:10:00+01:00', '2026-11-24', 0, 'due today'],
    ['2026-11-24T12:00:00Z', '2026-11-27', 3, '3 days left'],
    ['2026-11-24T12:00:00Z', '2026-11-23', -1, 'a day late'],
    ['2026-11-24T12:00:00Z', '2026-11-20', -4, '4 days late'],
]);
