<?php

use Moltrek\Core\Fitting\GapSchool;
use Moltrek\Core\Fitting\GapTaper;
use Moltrek\Core\Fitting\KeptOffArc;
use Moltrek\Core\Fitting\PlainShell;
use Moltrek\Core\Fitting\RingClock;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Measuring\Crosshatch;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;

/** @param  array<string, float|int>  $degrees */
function clockOf(array $degrees): RingClock
{
    return RingClock::of(array_map(fn (float|int $degree): int => (int) ($degree * 1e9), $degrees));
}

function arc(float $from, float $to): KeptOffArc
{
    return new KeptOffArc((int) ($from * 1e9), (int) ($to * 1e9), 'port');
}

it('puts no neighbours in line by any school', function (GapSchool $school) {
    $clock = clockOf($school->angles());
    expect($clock->conflicts([]))->toBe([])->and($clock->separations())->toHaveCount(4);
})->with([GapSchool::Opposed, GapSchool::Thirds, GapSchool::Quarters]);

it('measures the smaller way round between neighbours, and never across a missing ring', function (array $angles, array $apart) {
    expect(array_map(fn (array $pair): array => [implode('–', $pair['between']), $pair['value'] / 1e9], clockOf($angles)->separations()))->toBe($apart);
})->with([
    'over the exhaust: 350 to 15' => [['top' => 350, 'second' => 15], [['top–second', 25.0]]],
    'half round' => [['top' => 10, 'second' => 190], [['top–second', 180.0]]],
    'negative and past a turn' => [['top' => -10, 'second' => 730], [['top–second', 20.0]]],
    'top and rail are not neighbours' => [['top' => 0, 'upper_rail' => 10], []],
]);

it('calls neighbours in line when they are nearer than allowed', function (float $second, int $conflicts) {
    expect(clockOf(['top' => 0, 'second' => $second])->conflicts([]))->toHaveCount($conflicts);
})->with([[19.9, 1], [20.0, 0], [340.1, 1], [340.0, 0]]);

it('keeps gaps off an arc, its ends included', function (float $angle, KeptOffArc $arc, int $conflicts) {
    expect(clockOf(['top' => $angle])->conflicts([$arc]))->toHaveCount($conflicts);
})->with([
    'inside' => [90, arc(80, 100), 1], 'at its start' => [80, arc(80, 100), 1], 'at its end' => [100, arc(80, 100), 1],
    'just before' => [79.9, arc(80, 100), 0], 'over the exhaust' => [5, arc(350, 10), 1], 'at the exhaust' => [0, arc(350, 10), 1],
    'the other way round' => [180, arc(350, 10), 0], 'one angle alone' => [45, arc(45, 45), 1], 'beside it' => [45.1, arc(45, 45), 0],
    'a negative end' => [355, arc(-10, 10), 1],
]);

it('takes a plain shell by its marks', function (int $a, int $b, int $offset, int $code, ?string $colour) {
    $shell = PlainShell::of('main 1', $a, $b, $offset, ['1' => 'blue', '2' => 'black']);
    expect([$shell->code, $shell->colour])->toBe([$code, $colour]);
})->with(['5 − 2 − 1' => [5, 2, 1, 2, 'black'], 'rods have no offset: 3 − 2' => [3, 2, 0, 1, 'blue'], 'no such shell' => [1, 3, 1, -3, null]]);

it('knows the angle a hone leaves', function () {
    $hatch = fn (float $strokes): Crosshatch => new Crosshatch(Length::of('80 mm'), 60, Length::of('100 mm'), $strokes);
    // equal speeds: stroke × strokes = π × 80 × 60 = 15079.6 mm a minute is 150.8 strokes, and 2·atan(1) = 90°
    expect($hatch(M_PI * 80 * 60 / 100)->angle())->toEqualWithDelta(90.0, 1e-9);
    // tan(22.5°) × 15079.645 / 100 = 62.46
    $aim = Limit::between(Dimension::Angle, 40_000_000_000, 50_000_000_000);
    expect($hatch(1)->strokesFor($aim))->toBe(62)->and($hatch(62)->verdict($aim)->state->value)->toBe('within');
    expect($hatch(1)->strokesFor(Limit::between(Dimension::Angle, 40_000_000_000, null)))->toBeNull();
});

it('bounds taper by two gaps', function (array $upper, array $lower, ?float $low, ?float $high, string $state) {
    $bracket = fn (array $leaves): FeelerBracket => FeelerBracket::of(...array_map(fn (?string $leaf): ?Length => $leaf === null ? null : Length::of($leaf.' mm'), [$leaves[0], null, $leaves[1]]));
    $taper = GapTaper::of($bracket($upper), $bracket($lower));
    $micrometres = fn (?float $nanometres): ?float => $nanometres === null ? null : round($nanometres / 1000, 2);
    expect([$micrometres($taper->low), $micrometres($taper->high)])->toBe([$low, $high]);
    expect($taper->verdict(Limit::between(Dimension::Length, null, 50_000))->state->value)->toBe($state);
})->with([
    'narrower below: (0.25 − 0.40)/π, (0.30 − 0.35)/π' => [['0.35', '0.40'], ['0.25', '0.30'], -47.75, -15.92, 'within'],
    'straddling nothing: ±0.05/π' => [['0.30', '0.35'], ['0.30', '0.35'], -15.92, 15.92, 'within'],
    'reaching past the limit: (0.60 − 0.30)/π' => [['0.30', '0.35'], ['0.50', '0.60'], 47.75, 95.49, 'unsure'],
    'well past it: (0.60 − 0.35)/π' => [['0.30', '0.35'], ['0.60', '0.65'], 79.58, 111.41, 'out'],
    'no leaf refused above' => [['0.30', null], ['0.30', '0.35'], null, 15.92, 'unsure'],
    'no leaf refused below' => [['0.30', '0.35'], ['0.60', null], 79.58, null, 'out'],
]);
