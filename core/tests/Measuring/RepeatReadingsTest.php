<?php

use Eris\Generators;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Measuring\RepeatReading;
use Moltrek\Core\Measuring\RepeatReadings;
use Moltrek\Core\Measuring\Round;
use Moltrek\Core\Measuring\Wordings;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Tests\Property;

/** @param  list<array{string, int, 2?: true}>  $readings  when on one morning, micrometres above 99 mm, whether said to be a repeat */
function repeatsOf(array $readings, array $work = [], int $doubt = 4): RepeatReadings
{
    $at = fn (string $time): DateTimeImmutable => new DateTimeImmutable("2026-12-01T{$time}Z");

    return RepeatReadings::of(
        array_map(fn (array $each): RepeatReading => new RepeatReading($at($each[0]), 99_000_000 + 1000 * $each[1], $each[2] ?? false), $readings),
        array_map($at, $work), 1000 * $doubt);
}

/** @return list<int> how many readings each round has */
function countsOf(RepeatReadings $repeats): array
{
    return array_map(fn (Round $round): int => count($round->values), $repeats->rounds);
}

it('tells a repeat from a new reading', function (array $readings, array $work, array $counts) {
    expect(countsOf(repeatsOf($readings, $work)))->toBe($counts);
})->with([
    'a lone one' => [[['08:00:00', 40]], [], [1]],
    'a minute later is a repeat still' => [[['08:00:00', 40], ['08:01:00', 41]], [], [2]],
    'a second more is not' => [[['08:00:00', 40], ['08:01:01', 41]], [], [1, 1]],
    'a tenth of a second more is not' => [[['08:00:00', 40], ['08:01:00.100000', 41]], [], [1, 1]],
    'counted from the last of the round' => [[['08:00:00', 40], ['08:00:50', 41], ['08:01:45', 42]], [], [3]],
    'an hour later, said to be a repeat' => [[['08:00:00', 40], ['09:00:00', 41, true]], [], [2]],
    'work between them makes it new, whatever was said' => [[['08:00:00', 40], ['08:00:30', 60, true]], ['08:00:10'], [1, 1]],
    'work in the instant of the later lies between' => [[['08:00:00', 40], ['08:00:30', 60]], ['08:00:30'], [1, 1]],
    'work in the instant of the earlier does not' => [[['08:00:00', 40], ['08:00:30', 60]], ['08:00:00'], [2]],
    'the first of all repeats nothing' => [[['08:00:00', 40, true], ['08:30:00', 41]], [], [1, 1]],
    'given out of order' => [[['08:30:00', 50], ['08:00:00', 40], ['08:00:20', 41]], [], [2, 1]],
    'two of one instant' => [[['08:00:00', 40], ['08:00:00', 42]], [], [2]],
]);

it('lets the mean stand, with the scatter in its doubt', function (array $micrometres, int $doubt, float $mean, int $range, float $outcome, bool $asks) {
    $round = new Round(array_map(fn (int $each): int => 1000 * $each, $micrometres), 1000 * $doubt);
    expect($round->mean / 1000)->toEqualWithDelta($mean, 1e-9)->and($round->range)->toBe(1000 * $range)
        ->and($round->doubt / 1000)->toEqualWithDelta($outcome, 1e-6)->and($round->asks)->toBe($asks);
})->with([
    'one: the tool alone' => [[40], 4, 40.0, 0, 4.0, false],
    // s = √((4 + 0 + 4)/2) = 2; 2·2/√3 = 2.309401; √(16 + 16/3) = 4.618802
    'three' => [[40, 42, 44], 4, 42.0, 4, 4.618802, false],
    // s = √(2·16/1)… two: s = |a − b|/√2 = 8/√2; 2·s/√2 = 8; √(16 + 64) = 8.944272; range 8 is twice the doubt, and not above it
    'a range of twice the doubt is not asked about' => [[40, 48], 4, 44.0, 8, 8.944272, false],
    // 2·s/√2 = 9; √(16 + 81) = 9.848858
    'above it, it is' => [[40, 49], 4, 44.5, 9, 9.848858, true],
    'without a doubt any scatter is asked about' => [[40, 41], 0, 40.5, 1, 1.0, true],
    'without a doubt and without scatter nothing is' => [[40, 40], 0, 40.0, 0, 0.0, false],
]);

it('judges the last round by its mean and its doubt', function () {
    $limit = Limit::between(Dimension::Length, 99_030_000, 99_050_000);
    $judged = fn (RepeatReadings $repeats): string => Verdict::of($limit, Wordings::reading(), $repeats->standing()->interval())->state->value;
    // worn by work since: the earlier ones do not count
    expect($judged(repeatsOf([['08:00:00', 10], ['08:00:30', 12], ['09:00:00', 40]], ['08:30:00'])))->toBe('within');
    // 99.046 ± 4 reaches 99.050: within; with 99.046 and 99.048, mean 99.047 ± √(16 + 4) = 4.47 goes past it
    expect($judged(repeatsOf([['08:00:00', 46]])))->toBe('within')
        ->and($judged(repeatsOf([['08:00:00', 46], ['08:00:20', 48]])))->toBe('unsure');
});

it('needs a reading', function () {
    expect(fn () => RepeatReadings::of([]))->toThrow(MalformedDocument::class);
});

it('never knows the mean better than the tool reads, nor worse for readings that agree', function () {
    Property::holds(100, [Generators::choose(0, 20), Generators::choose(1, 9), Generators::choose(0, 30)], function (int $doubt, int $count, int $spread): void {
        $alike = new Round(array_fill(0, $count, 1000), $doubt);
        $apart = new Round([...array_fill(0, $count, 1000), 1000 + $spread], $doubt);
        expect($alike->doubt)->toBe((float) $doubt)->and($apart->doubt)->toBeGreaterThanOrEqual($doubt)
            ->and($apart->mean)->toBeGreaterThanOrEqual(1000)->and($apart->mean)->toBeLessThanOrEqual(1000 + $spread);
    });
});
