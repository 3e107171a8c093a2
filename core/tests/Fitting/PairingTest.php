<?php

use Eris\Generators;
use Moltrek\Core\Fitting\Pairing;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Tests\Property;

/** @param  array<string|int, int>  $sizes micrometres over 66 mm */
function sizes(array $sizes): array
{
    return array_map(fn (int $size): Length => Length::ofNanometres(66_000_000 + $size * 1000), $sizes);
}

/** Clearance from 30 to 50 µm. */
function pairs(array $bores, array $pistons): Pairing
{
    return Pairing::best(sizes($bores), sizes($pistons), Length::of('30 µm'), Length::of('50 µm'));
}

it('gives the worst pair as much as it can have', function (array $bores, array $pistons, array $chosen, int $worst, array $left) {
    $pairing = pairs($bores, $pistons);
    expect(array_column($pairing->pairs, 'piston'))->toBe($chosen)
        ->and($pairing->worstMargin->nanometres)->toBe($worst * 1000)
        ->and($pairing->leftOver)->toBe($left);
})->with([
    'a big piston for the big bore: 40 and 40, margin 10' => [['1' => 210, '2' => 200], ['A' => 160, 'B' => 170], ['B', 'A'], 10, []],
    '40 and 40, not 36 and 44' => [['1' => 200, '2' => 204], ['A' => 164, 'B' => 160, 'C' => 170], ['B', 'A'], 10, ['C']],
    '35 and 45 are equally far from the middle: the first named' => [['1' => 200], ['A' => 165, 'B' => 155], ['A'], 5, ['B']],
    'the worst pair is set by the first bore; the other goes to the middle' => [['1' => 200, '2' => 240], ['A' => 168, 'B' => 196, 'C' => 200], ['A', 'C'], 2, ['B']],
    'equal pistons go in their given order' => [['1' => 200, '2' => 200], ['B' => 160, 'A' => 160], ['B', 'A'], 10, []],
    'nothing fits: the least bad, 55 each, margin −5' => [['1' => 215], ['A' => 150, 'B' => 160], ['B'], -5, ['A']],
    'names that look like numbers stay names' => [['01' => 200, '1' => 210], ['2' => 170, '10' => 160], ['10', '2'], 10, []],
]);

it('refuses fewer pistons than bores', function () {
    expect(fn () => pairs(['1' => 200, '2' => 200], ['A' => 160]))->toThrow(ContradictoryFields::class, 'fewer pistons');
});

it('is never worse than any other assignment', function () {
    $size = Generators::choose(0, 40);
    Property::holds(150, [Generators::tuple(...array_fill(0, 5, $size)), Generators::tuple(...array_fill(0, 6, $size)), Generators::choose(0, PHP_INT_MAX)], function (array $bores, array $pistons, int $seed): void {
        $bores = array_map(fn (int $bore): int => $bore + 40, $bores);
        $best = pairs($bores, $pistons)->worstMargin->nanometres;
        mt_srand($seed);
        for ($try = 0; $try < 20; $try++) {
            $order = $pistons;
            shuffle($order);
            $worst = min(array_map(fn (int $bore, int $piston): int => 1000 * min($bore - $piston - 30, 50 - $bore + $piston), $bores, array_slice($order, 0, 5)));
            expect($best)->toBeGreaterThanOrEqual($worst);
        }
    });
});
