<?php

use Eris\Generators;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\GapTaper;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\Crosshatch;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\InstrumentDoubt;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Tests\Property;

/** @param  array<string, mixed>  $more */
function readOf(string $engine, string $spot, mixed $reading, array $more = []): Reading
{
    $spots = array_column(Catalogue::of(demoSheet($engine)), null, 'id');

    return Reading::read(Fields::of(json_decode(json_encode((object) (['spot' => $spot, 'reading' => $reading] + $more))), ...Reading::KEYS), $spots[$spot]);
}

it('keeps what the tool said and knows the size of it', function (string $engine, string $spot, mixed $reading, string $text, ?int $size) {
    $read = readOf($engine, $spot, $reading);
    expect($read->text)->toBe($text)->and($read->size()?->nanometres)->toEqual($size);
})->with([
    'millimetres' => ['harbick-421', 'piston.1', '85.952 mm', '85.952 mm', 85_952_000],
    'inches stay inches: 3.384 in = 85.9536 mm' => ['harbick-421', 'piston.1', '3.384 in', '3.384 in', 85_953_600],
    'a gauge: 55 − 0.006' => ['ulvane-139r', 'bore.1.across.12', ['setting' => '55 mm', 'deviation' => '-0.006 mm'], '-0.006 mm from 55 mm', 54_994_000],
    'a gauge in two units: 2.165 in + 0.01 mm' => ['ulvane-139r', 'bore.1.across.12', ['setting' => '2.165 in', 'deviation' => '0.01 mm'], '0.01 mm from 2.165 in', 55_001_000],
    'leaves: the lower bound' => ['ulvane-139r', 'ring_gap.1.top', ['passes' => '0.20 mm', 'refuses' => '0.25 mm'], '0.20 mm passes, 0.25 mm refuses', 200_000],
    'a leaf that drags' => ['ulvane-139r', 'ring_gap.1.top', ['drags' => '0.22 mm'], '0.22 mm drags', 220_000],
    'the thinnest leaf refuses: nothing is known below' => ['ulvane-139r', 'ring_gap.1.top', ['refuses' => '0.05 mm'], '0.05 mm refuses', 0],
    'a hole and its shaft' => ['harbick-421', 'pin_in_piston.1', ['hole' => '20.008 mm', 'shaft' => '20.001 mm'], '20.008 mm hole, 20.001 mm shaft', 20_008_000],
    'a strip that was crushed' => ['ostrel-608', 'main_oil_clearance.2', '0.038 mm', '0.038 mm', 38_000],
    'a strip that was not: at least' => ['ostrel-608', 'main_oil_clearance.2', ['at_least' => '0.076 mm'], 'at least 0.076 mm', 76_000],
    'pressure is no length' => ['harbick-421', 'cranking_compression.1', '100 psi', '100 psi', null],
    'a feel' => ['harbick-421', 'rod_play.1', ['answer' => 'not so', 'note' => 'clicks'], 'with play: clicks', null],
]);

it('stands for an interval as wide as its tool leaves open', function (mixed $reading, array $tools, ?float $low, ?float $high) {
    $interval = readOf('ulvane-139r', 'bore.1.across.12', $reading, $tools)->sizeInterval();
    expect($interval?->low)->toEqualWithDelta($low, 1e-6)->and($interval?->high)->toEqualWithDelta($high, 1e-6);
})->with([
    'no tool: no doubt' => ['55.000 mm', [], 55_000_000.0, 55_000_000.0],
    'a gauge of ± 3 µm' => ['55.000 mm', ['tool' => ['id' => 'b1', 'name' => 'B1', 'doubt' => '0.003 mm']], 54_997_000.0, 55_003_000.0],
    'set with a micrometer of ± 4 µm: √(3² + 4²) = 5' => [['setting' => '55 mm', 'deviation' => '0 mm'], ['tool' => ['id' => 'b1', 'name' => 'B1', 'doubt' => '0.003 mm'], 'set_with' => ['id' => 'm2', 'name' => 'M2', 'doubt' => '0.004 mm']], 54_995_000.0, 55_005_000.0],
    'read outright, what it was set with does not count' => ['55.000 mm', ['tool' => ['id' => 'b1', 'name' => 'B1', 'doubt' => '0.003 mm'], 'set_with' => ['id' => 'm2', 'name' => 'M2', 'doubt' => '0.004 mm']], 54_997_000.0, 55_003_000.0],
]);

it('trusts a tool half as far once its check is overdue', function () {
    $doubt = Figure::of('0.002 mm');
    expect(InstrumentDoubt::expanded($doubt, false)->exact())->toBe('0.002 mm')->and(InstrumentDoubt::expanded($doubt, true)->exact())->toBe('0.004 mm')
        ->and(InstrumentDoubt::expanded(Figure::of('10 kPa'), true)->exact())->toBe('20 kPa');
});

it('knows the angle that a hone scratches', function (string $bore, float $spindle, string $stroke, float $strokes, float $angle) {
    expect((new Crosshatch(Length::of($bore), $spindle, Length::of($stroke), $strokes))->angle())->toEqualWithDelta($angle, 0.05);
})->with([
    // 2·atan(98·100 / (π·86·80)) = 2·atan(0.45341)
    'the demo barrel' => ['86 mm', 80, '98 mm', 100, 48.8],
    // axial as fast as round: 45° each way
    'as fast along as round' => ['100 mm', 100, '314.15926535 mm', 100, 90.0],
    // 2·atan(70·60 / (π·55·120)) = 2·atan(0.20256)
    'a fast spindle lies flat' => ['55 mm', 120, '70 mm', 60, 22.9],
]);

it('steepens with every stroke and flattens with every turn', function () {
    Property::holds(60, [Generators::choose(20, 300), Generators::choose(10, 200)], function (int $spindle, int $strokes): void {
        $angle = fn (float $turns, float $beats): float => (new Crosshatch(Length::of('70 mm'), $turns, Length::of('80 mm'), $beats))->angle();
        expect($angle($spindle, $strokes + 1))->toBeGreaterThan($angle($spindle, $strokes))
            ->and($angle($spindle + 1, $strokes))->toBeLessThan($angle($spindle, $strokes))
            ->and($angle($spindle, $strokes))->toBeGreaterThan(0)->toBeLessThan(180);
    });
});

it('reaches the middle of the aim with the strokes that it names', function () {
    $aim = Limit::between(Dimension::Angle, 40_000_000_000, 60_000_000_000);
    $hone = fn (float $strokes): Crosshatch => new Crosshatch(Length::of('86 mm'), 80, Length::of('98 mm'), $strokes);
    $named = $hone(20)->strokesFor($aim);
    expect($hone($named)->verdict($aim)->state->value)->toBe('within')->and(abs($hone($named)->angle() - 50))->toBeLessThan(0.5)
        ->and($hone(20)->verdict($aim)->side?->value)->toBe('low')->and($hone(400)->verdict($aim)->side?->value)->toBe('high')
        ->and($hone(20)->strokesFor(Limit::between(Dimension::Angle, 40_000_000_000, null)))->toBeNull();
});

it('takes taper from two gaps by the circumference', function (array $upper, array $lower, ?float $low, ?float $high) {
    $leaves = fn (array $sent): FeelerBracket => FeelerBracket::of(...array_map(fn (?string $leaf): ?Length => $leaf === null ? null : Length::of($leaf), $sent + ['passes' => null, 'drags' => null, 'refuses' => null]));
    $taper = GapTaper::of($leaves($upper), $leaves($lower));
    expect($taper->low)->toEqualWithDelta($low, 0.5)->and($taper->high)->toEqualWithDelta($high, 0.5);
})->with([
    // (0.25 − 0.35)/π = −31.8 µm up to (0.30 − 0.30)/π = 0
    'tighter below' => [['passes' => '0.30 mm', 'refuses' => '0.35 mm'], ['passes' => '0.25 mm', 'refuses' => '0.30 mm'], -31_831.0, 0.0],
    'open above where the upper has no refusing leaf' => [['passes' => '0.30 mm'], ['passes' => '0.25 mm', 'refuses' => '0.30 mm'], null, 0.0],
    'nothing bounds it' => [['passes' => '0.30 mm'], ['passes' => '0.30 mm'], null, null],
]);

it('reads every kind of limit', function (array $sent, ?array $ends, bool $decides) {
    $limit = LimitDocument::read(Fields::of(json_decode(json_encode((object) ['limit' => (object) $sent])), 'limit'), 'limit');
    expect([$limit->min, $limit->max, $limit->serviceMin, $limit->serviceMax])->toEqual($ends)->and($limit->decides())->toBe($decides);
})->with([
    'a range' => [['min' => '0.05 mm', 'max' => '0.065 mm'], [50_000, 65_000, null, null], true],
    'a minimum only' => [['min' => '0.2 mm'], [200_000, null, null, null], true],
    'a maximum only' => [['max' => '0.3 mm'], [null, 300_000, null, null], true],
    'nominal with equal tolerance' => [['nominal' => '1.00 mm', 'plus' => '0.05 mm', 'minus' => '0.05 mm'], [950_000, 1_050_000, null, null], true],
    'nominal with one-sided tolerance' => [['nominal' => '1.00 mm', 'plus' => '0.1 mm'], [1_000_000, 1_100_000, null, null], true],
    'nominal alone decides nothing' => [['nominal' => '1.00 mm'], [null, null, null, null], false],
    'a service limit only' => [['service_max' => '0.1 mm'], [null, null, null, 100_000], true],
    'range and service limit' => [['min' => '0.05 mm', 'max' => '0.065 mm', 'service_max' => '0.1 mm'], [50_000, 65_000, null, 100_000], true],
    'mixed units: 0.002 in and 0.065 mm' => [['min' => '0.002 in', 'max' => '0.065 mm'], [50_800, 65_000, null, null], true],
    'nothing' => [[], [null, null, null, null], false],
]);
