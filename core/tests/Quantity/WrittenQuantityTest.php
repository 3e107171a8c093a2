<?php

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Eris\Generators;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Quantity\UnitOfMeasure;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Tests\Property;

it('reads a typed length exactly', function (string $text, int $nanometres) {
    expect(Length::of($text)->nanometres)->toBe($nanometres);
})->with([
    'millimetres' => ['55.01 mm', 55_010_000],
    'no space' => ['55.01mm', 55_010_000],
    'a decimal comma' => ['55,01 mm', 55_010_000],
    'a leading point' => ['.5 mm', 500_000],
    'a plus sign' => ['+0.02 mm', 20_000],
    'a hyphen' => ['-0.0002 in', -5_080],
    'a minus sign' => ['−0.0002 in', -5_080],
    'inches: 2.1660 × 25.4 = 55.0164' => ['2.1660 in', 55_016_400],
    'thousandths: 4 × 0.0254' => ['4 thou', 101_600],
    'mil is thou' => ['4 mil', 101_600],
    'micrometres' => ['12 µm', 12_000],
    'um' => ['12 um', 12_000],
    'centimetres' => ['5.5 cm', 55_000_000],
    'a fraction: 7/16 × 25.4 = 11.1125' => ['7/16 in', 11_112_500],
    'a mixed fraction: 1.5 × 25.4' => ['1 1/2 in', 38_100_000],
    'a negative mixed fraction' => ['-1 1/2 in', -38_100_000],
    'rounded to the nearest nanometre: 25.4/3 = 8.46666…' => ['1/3 in', 8_466_667],
    'half a nanometre goes away from zero' => ['0.0000005 mm', 1],
    'and so below zero' => ['-0.0000005 mm', -1],
]);

it('refuses what is not a number with a unit', function (string $text) {
    expect(fn () => WrittenQuantity::of($text))->toThrow(Refusal::class);
})->with([
    'a bare number' => ['55'], 'nothing' => [''], 'a unit alone' => ['mm'], 'two separators' => ['1.234,5 mm'],
    'thousands' => ['1,234,5 mm'], 'an exponent' => ['1e3 mm'], 'not a number' => ['NaN mm'], 'infinity' => ['INF mm'],
    'an unknown unit' => ['55 furlong'], 'the wrong case' => ['55 MM'], 'a fraction of a millimetre' => ['1/2 mm'],
    'a fraction over zero' => ['1/0 in'], 'a decimal in a fraction' => ['1.5/2 in'], 'two signs' => ['--5 mm'],
    'a trailing point' => ['55. mm'], 'letters without end' => [str_repeat('a', 100_000)],
    'larger than can be meant' => ['99999999999999 mm'],
]);

it('converts within a dimension', function (string $text, string $unit, float $expected) {
    expect(WrittenQuantity::of($text)->in(UnitOfMeasure::spelled($unit)))->toEqualWithDelta($expected, abs($expected) * 1e-12 + 1e-12);
})->with([
    'inches to millimetres' => ['2.1650 in', 'mm', 54.991],
    'pound-feet: 18 × 4.4482216152605 × 0.3048' => ['18 ft-lb', 'N·m', 24.404723065965207 + 0.000000004],
    'kilogram-force metres' => ['2.5 kgm', 'N·m', 24.516625],
    'newton metres to pound-inches: 10 / 0.1129848290276167' => ['10 Nm', 'in-lb', 88.50745791327184],
    'psi: 100 × 6.894757293168361' => ['100 psi', 'kPa', 689.4757293168361],
    'kgf/cm2 to bar' => ['10 kgf/cm2', 'bar', 9.80665],
    'cubic inches' => ['2 in3', 'cc', 32.774128],
    'a half turn' => ['180 deg', 'rad', M_PI],
    'radians' => ['1 rad', 'deg', 57.295779513],
    'freezing' => ['32 °F', 'degC', 0.0],
    'where the scales meet' => ['-40 degC', 'degF', -40.0],
    'hours' => ['1.5 h', 'min', 90.0],
    'kilonewtons: 2000 / 4.4482216152605' => ['2 kN', 'lbf', 449.6178861994],
]);

it('refuses another dimension', function () {
    expect(fn () => Length::of('24 N·m'))->toThrow(Refusal::class, 'A length is needed here, this is a torque.');
});

it('gives every length back as it came, in any unit', function () {
    // as many decimals as still are whole nanometres
    $exact = Generators::elements(['mm', 6], ['in', 4], ['thou', 2], ['cm', 4], ['µm', 3]);
    Property::holds(300, [Generators::choose(-999_999, 999_999), $exact], function (int $digits, array $unit): void {
        [$symbol, $decimals] = $unit;
        $typed = $digits / 10 ** $decimals;
        $written = WrittenQuantity::of(number_format($typed, $decimals, '.', '').' '.$symbol);
        expect($written->in(UnitOfMeasure::spelled($symbol)))->toBe((float) $typed);
        $inInches = sprintf('%s in', rtrim(rtrim(number_format($digits / 10_000, 4, '.', ''), '0'), '.'));
        expect(Length::of($inInches)->nanometres)->toBe($digits * 2540);
    });
});

it('has one canonical unit for each dimension', function (Dimension $dimension) {
    $unit = $dimension->canonicalUnit();
    expect($unit->dimension)->toBe($dimension)->and($unit->size->isEqualTo(1))->toBeTrue();
})->with(Dimension::cases());

it('counts base steps as exact fractions do, however many digits were typed', function () {
    $units = ['mm', 'µm', 'cm', 'in', 'thou', 'deg', 'rad', 'N·m', 'lbf·ft', 'kPa', 'psi', '°F'];
    Property::holds(400, [Generators::choose(0, count($units) - 1), Generators::choose(0, 99_999), Generators::choose(0, 999_999_999), Generators::choose(0, 14), Generators::elements('', '-')],
        function (int $which, int $whole, int $decimals, int $places, string $sign) use ($units): void {
            $figure = $sign.$whole.($places === 0 ? '' : '.'.str_pad(substr((string) $decimals, 0, $places), $places, '0', STR_PAD_LEFT));
            $unit = UnitOfMeasure::spelled($units[$which]);
            $exact = BigRational::of($figure)->multipliedBy($unit->size)->plus($unit->zeroAt)->multipliedBy($unit->dimension->stepsPerUnit());
            $base = WrittenQuantity::of("$figure $units[$which]")->base();
            $unit->dimension->isExact() ? expect($base)->toBe($exact->toScale(0, RoundingMode::HALF_UP)->toInt())
                : expect($base)->toBe((float) (string) $exact->toScale(40, RoundingMode::HALF_EVEN) + 0.0);
        });
});

it('knows how many whole steps a unit is', function (string $unit, ?int $steps, bool $isCanonical) {
    expect([UnitOfMeasure::spelled($unit)->wholeSteps, UnitOfMeasure::spelled($unit)->isCanonical])->toBe([$steps, $isCanonical]);
})->with([
    ['mm', 1_000_000, false], ['in', 25_400_000, false], ['thou', 25_400, false], ['deg', 1_000_000_000, false],
    'no whole number' => ['rad', null, false], 'counted in floats' => ['N·m', null, true], 'another of them' => ['bar', null, false],
]);

it('finds the largest figure that can be meant at the same place in every unit', function (string $text, bool $isTaken) {
    $isTaken ? expect(WrittenQuantity::of($text)->text)->toBe($text) : expect(fn () => WrittenQuantity::of($text))->toThrow(Refusal::class);
})->with([
    ['1000000000 mm', true], ['1000000001 mm', false], ['-1000000001 mm', false], ['99999 rad', true], ['277777 h', true], ['277778 h', false],
    ['000000000000012 mm', true], ['39370078 in', true], ['39370079 in', false],
]);
