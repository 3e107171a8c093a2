<?php

use Eris\Generators;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Tests\Property;
use Moltrek\Core\Torquing\Bolt;
use Moltrek\Core\Torquing\ClampModel;
use Moltrek\Core\Torquing\Friction;
use Moltrek\Core\Torquing\Stages;
use Moltrek\Core\Torquing\StrengthClass;
use Moltrek\Core\Torquing\Thread;
use Moltrek\Core\Torquing\TorqueSanity;

it('reaches a final figure in stages, the last exact', function (Stages $school, float $final, ?float $step, array $stages) {
    expect($school->of($final, $step))->toEqualWithDelta($stages, 1e-9);
})->with([
    'thirds of 42' => [Stages::Thirds, 42.0, null, [14, 28, 42]],
    'thirds of 40 in halves: 13.33 to 13.5, 26.67 to 26.5' => [Stages::Thirds, 40.0, 0.5, [13.5, 26.5, 40]],
    'half, three-quarters, full of 25: 12.5 and 18.75, halfway up in halves' => [Stages::HalfThreeQuartersFull, 25.0, 0.5, [12.5, 19, 25]],
    'half, full of 9 in whole steps: 4.5 goes up' => [Stages::HalfFull, 9.0, 1.0, [5, 9]],
    'the last is not rounded' => [Stages::HalfFull, 9.3, 1.0, [5, 9.3]],
]);

it('refuses a step so coarse that the stages do not rise', function () {
    expect(fn () => Stages::Thirds->of(10.0, 10.0))->toThrow(ContradictoryFields::class);
});

it('knows how much a bolt can be meant to take', function (string $torque, string $thread, StrengthClass $class, Friction $friction, float $ratio, ?string $perhaps) {
    $sanity = TorqueSanity::of(WrittenQuantity::of($torque), Thread::of($thread), $class, $friction);
    expect($sanity->ratio)->toEqualWithDelta($ratio, 0.005)->and($sanity->perhaps)->toBe($perhaps)->and($sanity->isFarOff())->toBe($perhaps !== null || $ratio > 1.5 || $ratio < 0.2);
})->with([
    // A_s = π/4·(8 − 1.17275)² = 36.608 mm²; guide = 0.2·0.008·0.75·580·36.608 = 25.479 N·m
    'M8 8.8 dry at 24 N·m: 24/25.479' => ['24 N·m', 'M8x1.25', StrengthClass::C88, Friction::Dry, 0.942, null],
    'the same number of inch-pounds taken for newton metres' => ['210 N·m', 'M8x1.25', StrengthClass::C88, Friction::Dry, 8.242, 'lbf·in'],
    // A_s = π/4·(6 − 0.9382)² = 20.123; guide = 0.15·0.006·0.75·580·20.123 = 7.878; 1 kgf·m = 9.80665
    'newton metres typed for kilogram-force metres' => ['1 N·m', 'M6x1', StrengthClass::C88, Friction::Oiled, 0.127, null],
    'foot-pounds for newton metres on a small thread: 9 lbf·ft = 12.20, 9 N·m = 1.14 of it' => ['9 lbf·ft', 'M6x1', StrengthClass::C88, Friction::Oiled, 1.549, 'N·m'],
]);

it('reads a metric thread with a pitch that can be', function (string $thread, ?float $pitch) {
    try {
        expect(Thread::of($thread)->pitch)->toBe($pitch);
    } catch (Refusal) {
        expect($pitch)->toBeNull();
    }
})->with([['M8x1.25', 1.25], ['M10×1.5', 1.5], ['M8', null], ['M8x0', null], ['M8x9', null], ['1/4-20', null], ['M0x1', null]]);

/** Two bolts 60 mm apart: e⁻¹ of the coupling reaches across. */
function twoBolts(float $coupling = 0.25): ClampModel
{
    return new ClampModel([new Bolt('1', Length::of('0 mm'), Length::of('0 mm')), new Bolt('2', Length::of('60 mm'), Length::of('0 mm'))], 0.2, Length::of('8 mm'), $coupling, Length::of('60 mm'));
}

it('unloads the neighbour of a bolt that is pulled, and a check pass finds it', function () {
    // F = 24/(0.2·0.008) = 15000 N; the second takes 0.25·e⁻¹·15000 = 1379.5 from the first
    $loads = twoBolts()->loads([['1', 24.0], ['2', 24.0], ['1', 24.0], ['2', 10.0]]);
    expect($loads[0])->toEqual(['1' => 15000.0, '2' => 0.0])
        ->and($loads[1]['1'])->toEqualWithDelta(15000 - 0.25 * exp(-1) * 15000, 1e-6)
        ->and($loads[2]['1'])->toEqualWithDelta(15000.0, 1e-6)
        ->and($loads[3])->toEqual($loads[2]);
});

it('says how unevenly a joint holds, and nothing where nothing holds', function () {
    expect(ClampModel::spread(['1' => 10.0, '2' => 20.0]))->toEqualWithDelta(10 / 15, 1e-12)->and(ClampModel::spread(twoBolts()->empty()))->toBeNull();
});

it('never holds less than nothing', function () {
    $pull = Generators::tuple(Generators::elements('1', '2'), Generators::choose(0, 60));
    Property::holds(60, [Generators::vector(12, $pull), Generators::choose(0, 100)], function (array $pulls, int $coupling): void {
        foreach (twoBolts($coupling / 100)->loads(array_map(static fn (array $pull): array => [$pull[0], (float) $pull[1]], $pulls)) as $loads) {
            expect(min($loads))->toBeGreaterThanOrEqual(0.0)->and(max($loads))->toBeLessThanOrEqual(60 / 0.0016 + 1e-6);
        }
    });
});
