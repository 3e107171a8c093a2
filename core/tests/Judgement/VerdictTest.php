<?php

use Eris\Generators;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Ruler;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Zone;
use Moltrek\Core\Measuring\Wordings;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Tests\Property;

/** A limit in whole base steps: as-new from 50 to 65, service from 40 to 100. */
function limitOf(?int $min = 50, ?int $max = 65, ?int $serviceMin = 40, ?int $serviceMax = 100): Limit
{
    return Limit::between(Dimension::Length, $min, $max, $serviceMin, $serviceMax);
}

function verdictOn(Limit $limit, Interval ...$intervals): Verdict
{
    return Verdict::of($limit, Wordings::pistonClearance(), ...$intervals);
}

it('judges a figure with its doubt', function (int $figure, int $doubt, string $state, ?string $side, ?array $between, string $likely) {
    $verdict = verdictOn(limitOf(), Interval::around($figure, $doubt))->toArray();
    expect([$verdict['state'], $verdict['side'], $verdict['between'], $verdict['likely']])->toBe([$state, $side, $between, $likely]);
})->with([
    'inside with room' => [56, 3, 'within', null, null, 'within'],
    'a boundary belongs to the better zone' => [65, 0, 'within', null, null, 'within'],
    'touching the range from inside' => [53, 3, 'within', null, null, 'within'],
    'reaching over the top' => [63, 3, 'unsure', 'high', ['within', 'worn'], 'within'],
    'reaching in from above' => [67, 3, 'unsure', 'high', ['within', 'worn'], 'worn'],
    'worn' => [80, 5, 'worn', 'high', null, 'worn'],
    'worn up to the service limit' => [95, 5, 'worn', 'high', null, 'worn'],
    'over the service limit by doubt alone' => [98, 5, 'unsure', 'high', ['worn', 'out'], 'worn'],
    'out' => [110, 5, 'out', 'high', null, 'out'],
    'worn on the tight side' => [45, 2, 'worn', 'low', null, 'worn'],
    'out on the tight side' => [30, 2, 'out', 'low', null, 'out'],
    'a doubt wider than everything' => [56, 60, 'unsure', null, ['within', 'out'], 'within'],
]);

it('judges a bracket that does not reach its upper end', function (int $low, ?int $high, string $state, ?array $between) {
    $verdict = verdictOn(limitOf(), Interval::bracket($low, $high))->toArray();
    expect([$verdict['state'], $verdict['between']])->toBe([$state, $between]);
})->with([
    'the refusing leaf is the minimum: the gap is under it' => [45, 50, 'worn', null],
    'the refusing leaf is the maximum' => [60, 65, 'within', null],
    'the passing leaf is the maximum: the gap may be more' => [65, 70, 'unsure', ['within', 'worn']],
    'open upwards from inside the range' => [55, null, 'unsure', ['within', 'out']],
    'open upwards past everything' => [101, null, 'out', null],
    'straddling the range' => [45, 70, 'unsure', ['within', 'worn']],
]);

it('covers from the worse of the best zones to the worse of the worst', function () {
    $verdict = verdictOn(limitOf(), Interval::around(56, 2), Interval::around(80, 2))->toArray();
    expect($verdict['state'])->toBe('worn')->and($verdict['side'])->toBe('high')->and($verdict['margin']['value'])->toBe(-15e-6);
});

it('names both sides as equally bad with no side', function () {
    $verdict = verdictOn(limitOf(), Interval::around(30, 1), Interval::around(120, 1))->toArray();
    expect($verdict['state'])->toBe('out')->and($verdict['side'])->toBeNull();
});

it('knows one-sided limits', function (Limit $limit, int $figure, State $state) {
    expect(verdictOn($limit, Interval::around($figure, 0))->state)->toBe($state);
})->with([
    'a minimum only, above it' => [limitOf(50, null, null, null), 5000, State::Within],
    'a minimum only, under it' => [limitOf(50, null, null, null), 49, State::Out],
    'a service maximum only, inside it' => [limitOf(null, null, null, 100), 100, State::Within],
    'a service maximum only, past it' => [limitOf(null, null, null, 100), 101, State::Out],
    'a range with no service limit' => [limitOf(50, 65, null, null), 66, State::Out],
    'no limit at all' => [limitOf(null, null, null, null), 66, State::Unknown],
]);

it('counts the margin to the as-new ends, to the service ends where there are no others', function (Limit $limit, Interval $interval, ?float $margin) {
    expect(verdictOn($limit, $interval)->toArray()['margin']['value'] ?? null)->toBe($margin);
})->with([
    'nearer the minimum: 53 − 50' => [limitOf(), Interval::around(53, 9), 3e-6],
    'past the maximum: 65 − 80' => [limitOf(), Interval::around(80, 1), -15e-6],
    'service only: 100 − 80' => [limitOf(null, null, null, 100), Interval::around(80, 1), 20e-6],
    'an open bracket counts its low end twice: 65 − 55' => [limitOf(), Interval::bracket(55, null), 5e-6],
]);

it('refuses limits that cross and names the lower one', function (array $ends, string $field) {
    expect(fn () => limitOf(...$ends))->toThrow(function (ContradictoryFields $refusal) use ($field): void {
        expect($refusal->field)->toBe($field);
    });
})->with([
    [[65, 50, null, null], 'min'], [[50, 65, 60, null], 'service_min'], [[50, 65, null, 60], 'max'],
    [[50, null, null, 40], 'min'], [[null, 50, 60, null], 'service_min'], [[null, null, 60, 50], 'service_min'],
]);

it('accepts limits that meet', function () {
    expect(limitOf(50, 50, 50, 50)->zoneOf(50))->toBe(Zone::Within);
});

it('never turns unsure into sure when the doubt grows', function () {
    Property::holds(400, [Generators::choose(0, 140), Generators::choose(0, 60), Generators::choose(0, 60)], function (int $figure, int $doubt, int $more): void {
        $narrow = verdictOn(limitOf(), Interval::around($figure, $doubt));
        $wide = verdictOn(limitOf(), Interval::around($figure, $doubt + $more));
        expect($wide->span->best->rank())->toBeLessThanOrEqual($narrow->span->best->rank());
        expect($wide->span->worst->rank())->toBeGreaterThanOrEqual($narrow->span->worst->rank());
        if ($narrow->state === State::Unsure) {
            expect($wide->state)->toBe(State::Unsure);
        }
    });
});

it('draws the ruler to scale with every zone once', function () {
    $ruler = Ruler::of(limitOf(), [Interval::around(56, 4)]);
    expect(array_map(fn (array $zone) => [$zone['zone']->value, $zone['side']?->value], $ruler->zones))->toBe([
        ['out', 'low'], ['worn', 'low'], ['within', null], ['worn', 'high'], ['out', 'high'],
    ]);
    expect(array_column($ruler->marks, 'at'))->toBe([40, 50, 65, 100]);
    expect($ruler->from)->toBeLessThan(40)->and($ruler->to)->toBeGreaterThan(100);
});

it('has no ruler without a limit', function () {
    expect(Ruler::of(Limit::undecided(Dimension::Length), []))->toBeNull();
});
