<?php

use Eris\Generators;
use Moltrek\Core\Fitting\Clearance;
use Moltrek\Core\Fitting\ClearanceDoubt;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Tests\Property;

function doubtOf(string $bore = '0 mm', string $setting = '0 mm', string $piston = '0 mm', string $shared = '0 mm'): ClearanceDoubt
{
    return new ClearanceDoubt(Length::of($bore), Length::of($setting), Length::of($piston), Length::of($shared));
}

function ulvaneLimit(): Limit
{
    return Limit::between(Dimension::Length, 50_000, 65_000, null, 100_000, 'piston maker', 'engine maker');
}

it('is bore less piston, smallest and largest', function () {
    $clearance = Clearance::of([
        BoreReading::deviation(Length::of('2.1660 in'), Length::of('-0.0004 in')),
        BoreReading::direct(Length::of('55.012 mm')),
    ], Length::of('54.952 mm'), doubtOf(), ulvaneLimit());

    // 2.1656 in = 55.00624 mm; 55.00624 − 54.952 = 0.05424, 55.012 − 54.952 = 0.060
    expect($clearance->smallest()->nanometres)->toBe(54_240)
        ->and($clearance->largest()->nanometres)->toBe(60_000)
        ->and($clearance->verdict->state->value)->toBe('within');
});

it('combines the doubts of the tools that took part', function (ClearanceDoubt $doubt, bool $throughSetting, float $micrometres) {
    expect($doubt->combined($throughSetting)->nanometres / 1000)->toEqualWithDelta($micrometres, 1e-9);
})->with([
    'outright: √(3² + 4²)' => [doubtOf('3 µm', '9 µm', '4 µm'), false, 5.0],
    'through a setting: √(2² + 3² + 6²)' => [doubtOf('2 µm', '3 µm', '6 µm'), true, 7.0],
    'one tool read setting and piston: √(1² + 2² + 2² − 2·2²) = 1' => [doubtOf('1 µm', '2 µm', '2 µm', '2 µm'), true, 1.0],
    'what is shared does not count outright' => [doubtOf('3 µm', '0 µm', '4 µm', '2 µm'), false, 5.0],
    'no doubt' => [doubtOf(), true, 0.0],
]);

it('refuses more shared than a reading has', function () {
    expect(fn () => doubtOf('1 µm', '2 µm', '3 µm', '2.5 µm')->combined(true))->toThrow(OutOfDomain::class, 'No more can be shared');
});

it('refuses a deviation that leaves no bore', function () {
    expect(fn () => BoreReading::deviation(Length::of('1 mm'), Length::of('-1 mm')))->toThrow(OutOfDomain::class);
});

it('does not depend on the units typed', function () {
    Property::holds(200, [Generators::choose(21_600, 21_700), Generators::choose(21_500, 21_650)], function (int $bore, int $piston): void {
        $judge = fn (string $bore, string $piston): array => Clearance::of([BoreReading::direct(Length::of($bore))], Length::of($piston), doubtOf('2 µm', '0 mm', '2 µm'), ulvaneLimit())->toArray();
        $inches = fn (int $tenThousandths): string => sprintf('%.4f in', $tenThousandths / 10_000);
        $millimetres = fn (int $tenThousandths): string => sprintf('%.5f mm', $tenThousandths * 0.00254);
        expect($judge($inches($bore), $inches($piston)))->toBe($judge($millimetres($bore), $millimetres($piston)));
    });
});
