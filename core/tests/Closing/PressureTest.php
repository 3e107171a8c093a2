<?php

use Moltrek\Core\Closing\Fall;
use Moltrek\Core\Closing\Holding;
use Moltrek\Core\Closing\Spread;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\OutOfDomain;

it('loses what it does not hold', function (float $supply, float $held, float $lost) {
    expect(Holding::of($supply, $held, 'held', 'supply')->lost())->toEqualWithDelta($lost, 1e-12);
})->with([
    'a tenth' => [700.0, 630.0, 0.1],
    'nothing' => [700.0, 700.0, 0.0],
    'all of it' => [700.0, 0.0, 1.0],
]);

it('holds no more than it gets, and no less than nothing', function (float $held) {
    expect(fn () => Holding::of(700.0, $held, "$held kPa", '700 kPa'))->toThrow(OutOfDomain::class, 'No more is held than is supplied.');
})->with([700.1, -0.1]);

it('is usually supplied with about as much in every unit that a gauge shows', function () {
    $pressures = array_map(static fn (array $usual): float => (float) WrittenQuantity::of("$usual[1] $usual[0]")->base(), Holding::USUAL);
    expect(array_column(Holding::USUAL, 0))->toEqualCanonicalizing(Dimension::Pressure->typedUnits())
        ->and(min($pressures))->toBeGreaterThan(680.0)->and(max($pressures))->toBeLessThan(710.0);
});

it('falls so much a minute', function (float $drop, float $seconds, float $perMinute) {
    expect((new Fall($drop, $seconds))->perMinute())->toEqualWithDelta($perMinute, 1e-12);
})->with([
    '3 kPa in six minutes' => [3.0, 360.0, 0.5],
    '2 kPa in half a minute' => [2.0, 30.0, 4.0],
    'nothing' => [0.0, 60.0, 0.0],
]);

it('spreads from the highest down, as a share of the highest', function (array $pressures, float $spread) {
    expect(Spread::of($pressures))->toEqualWithDelta($spread, 1e-12);
})->with([
    'two' => [['1' => 1_200.0, '2' => 1_080.0], 0.1],
    'the middle one says nothing' => [[1_000.0, 900.0, 950.0], 0.1],
    'alone' => [[1_000.0], 0.0],
    'one dead' => [[1_000.0, 0.0], 1.0],
    'all dead' => [[0.0, 0.0], 0.0],
]);
