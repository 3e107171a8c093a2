<?php

use Eris\Generators;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Measuring\BoreMap;
use Moltrek\Core\Measuring\BorePoint;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Measuring\BoreShape;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Tests\Property;

/** @param  array<int|string, array<string, string>>  $readings depth => axis => diameter, in millimetres */
function mapOf(array $readings): BoreMap
{
    $points = [];
    foreach ($readings as $depth => $axes) {
        foreach ($axes as $axis => $diameter) {
            $points[] = new BorePoint(Length::of($depth.' mm'), $axis, BoreReading::direct(Length::of($diameter.' mm')));
        }
    }

    return BoreMap::of($points);
}

/** The worn liner of the Harbick: widest at the top, across the pin. */
function harbickLiner(): BoreMap
{
    return mapOf(['12' => ['along' => '86.021', 'across' => '86.048'], '45' => ['along' => '86.018', 'across' => '86.036'], '78' => ['along' => '86.009', 'across' => '86.014']]);
}

it('finds the tight place and the wide one', function () {
    $map = harbickLiner();
    expect([$map->smallest()->diameter()->nanometres, $map->smallest()->axis, $map->smallest()->depth->nanometres])->toBe([86_009_000, 'along', 78_000_000])
        ->and([$map->largest()->diameter()->nanometres, $map->largest()->axis])->toBe([86_048_000, 'across']);
});

it('takes out-of-round over the axes and taper over the depths', function () {
    $map = harbickLiner();
    $micrometres = fn (array $spreads): array => array_map(fn (array $spread): int => (int) ($spread['value']->nanometres / 1000), $spreads);
    // 48 − 21, 36 − 18, 14 − 9; along: 21 − 9, across: 48 − 14
    expect($micrometres($map->outOfRound()))->toBe([27, 18, 5])->and($micrometres($map->taper()))->toBe([12, 34]);
    expect($map->worstOutOfRound()->nanometres)->toBe(27_000)->and($map->worstTaper()->nanometres)->toBe(34_000);
});

it('has a mean only when no place is missing', function () {
    // (21 + 48 + 18 + 36 + 9 + 14) / 6 = 24.333… µm over 86
    expect(harbickLiner()->mean()->nanometres)->toEqualWithDelta(86_024_333.333, 0.001);
    $open = mapOf(['12' => ['along' => '86.021', 'across' => '86.048'], '78' => ['along' => '86.009']]);
    expect($open->mean())->toBeNull()->and($open->missing())->toHaveCount(1)->and($open->missing()[0]['axis'])->toBe('across');
});

it('says nothing of what one reading cannot show', function () {
    $single = mapOf(['12' => ['along' => '86.021']]);
    expect($single->worstOutOfRound())->toBeNull()->and($single->worstTaper())->toBeNull()->and($single->missing())->toBe([]);
    $shape = BoreShape::of($single, Length::zero(), Length::zero(), taper: Limit::between(Dimension::Length, null, 50_000));
    expect($shape->taper->state->value)->toBe('unknown');
});

it('keeps the first of equal readings', function () {
    $map = mapOf(['12' => ['along' => '86.02', 'across' => '86.02'], '45' => ['along' => '86.02']]);
    expect([$map->smallest()->axis, $map->largest()->axis, $map->largest()->depth->nanometres])->toBe(['along', 'along', 12_000_000]);
});

it('refuses a place that was read twice, and no reading at all', function () {
    $point = new BorePoint(Length::of('12 mm'), 'pin', BoreReading::direct(Length::of('86 mm')));
    expect(fn () => BoreMap::of([$point, $point]))->toThrow(ContradictoryFields::class, 'A place stands twice.');
    expect(fn () => BoreMap::of([]))->toThrow(MalformedDocument::class);
});

it('counts the doubt of a gauge once for size and twice for a difference', function () {
    $gauged = BoreMap::of(array_map(fn (array $point): BorePoint => new BorePoint(Length::of($point[0]), $point[1], BoreReading::deviation(Length::of('86 mm'), Length::of($point[2]))), [['12 mm', 'pin', '0.016 mm'], ['12 mm', 'across', '0.022 mm']]));
    $shape = fn (?int $max): BoreShape => BoreShape::of($gauged, Length::of('3 µm'), Length::of('4 µm'),
        Limit::between(Dimension::Length, null, $max), Limit::between(Dimension::Length, null, 10_000));
    // √(3² + 4²) = 5: 86.022 + 0.005 touches 86.027 and does not pass it
    expect($shape(86_027_000)->size->state->value)->toBe('within')->and($shape(86_026_999)->size->state->value)->toBe('unsure');
    // 6 ± 3·√2 = 6 ± 4.24 reaches past 10
    expect($shape(null)->outOfRound->state->value)->toBe('unsure');
});

it('does not change its shape when every reading shifts alike', function () {
    $offsets = array_fill(0, 6, Generators::choose(0, 60));
    Property::holds(150, [Generators::tuple(...$offsets), Generators::choose(-400, 400)], function (array $offsets, int $shift): void {
        $shape = function (int $shift) use ($offsets): array {
            $points = [];
            foreach ($offsets as $index => $offset) {
                $points[] = new BorePoint(Length::of((12 + 33 * intdiv($index, 2)).' mm'), ['pin', 'across'][$index % 2], BoreReading::direct(Length::ofNanometres(86_000_000 + ($offset + $shift) * 1000)));
            }
            $map = BoreMap::of($points);

            return [$map->worstOutOfRound()->nanometres, $map->worstTaper()->nanometres];
        };
        expect($shape($shift))->toBe($shape(0));
    });
});

it('asks by name about a shape without a limit that takes more than half of the clearance’s room', function (?Limit $outOfRound, ?Limit $clearance, array $asks) {
    $none = Length::zero();
    expect(BoreShape::of(harbickLiner(), $none, $none, null, $outOfRound, null, $clearance)->asks)->toBe(array_combine(['out_of_round', 'taper'], $asks));
})->with(function () {
    $limit = fn (?int $min, ?int $max, ?int $service = null): Limit => Limit::between(Dimension::Length, $min, $max, null, $service);

    return [
        // out-of-round 27 µm, taper 34 µm
        'half of 45 − 25 is 10: both' => [null, $limit(25_000, 45_000), [true, true]],
        'half of 85 − 25 by service is 30: the taper alone' => [null, $limit(25_000, 45_000, 85_000), [false, true]],
        'half of 79 − 25 is 27: reached, not exceeded' => [null, $limit(25_000, 79_000), [false, true]],
        'what has a limit of its own is judged by that' => [$limit(null, 50_000), $limit(25_000, 45_000), [false, true]],
        'a limit that decides nothing is none' => [Limit::undecided(Dimension::Length), $limit(25_000, 45_000), [true, true]],
        'without the least clearance nothing is known of the room' => [null, $limit(null, 45_000), [false, false]],
        'without the most likewise' => [null, $limit(25_000, null), [false, false]],
        'no clearance' => [null, null, [false, false]],
    ];
});
