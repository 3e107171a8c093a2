<?php

use Eris\Generators;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Tests\Property;
use Moltrek\Core\Torquing\Adapter;
use Moltrek\Core\Torquing\Target;
use Moltrek\Core\Torquing\Wrench;
use Moltrek\Core\Torquing\WrenchChoice;
use Moltrek\Core\Torquing\WrenchSetting;

/** A wrench of 300 mm, 5 to 50 N·m in half steps, unless said otherwise. */
function aWrench(string $step = '0.5 N·m', float $min = 5, float $max = 50, ?string $length = '300 mm'): Wrench
{
    return new Wrench($length === null ? null : Length::of($length), $min, $max, WrittenQuantity::of($step));
}

function anAdapter(string $length, int $degrees): Adapter
{
    return new Adapter(Length::of($length), $degrees * 1_000_000_000);
}

it('sets less where an adapter lengthens the lever: T·L/(L + E·cos φ)', function (float $torque, ?Adapter $adapter, float $exact, string $dial, float $delivered) {
    $setting = WrenchSetting::of(Target::of($torque, 0.05), aWrench(), $adapter);
    expect($setting->exact)->toEqualWithDelta($exact, 1e-9)->and($setting->written)->toBe($dial)->and($setting->delivered)->toEqualWithDelta($delivered, 1e-9);
})->with([
    'none: what is asked' => [24.0, null, 24.0, '24 N·m', 24.0],
    'straight out: 24·300/360 = 20' => [24.0, fn () => anAdapter('60 mm', 0), 20.0, '20 N·m', 24.0],
    'at a right angle it changes nothing' => [24.0, fn () => anAdapter('60 mm', 90), 24.0, '24 N·m', 24.0],
    'at 60 degrees half of it: 24·300/330 = 21.818, set 22, gives 24.2' => [24.0, fn () => anAdapter('60 mm', 60), 240 / 11, '22 N·m', 24.2],
    'turned back: 24·300/240 = 30' => [24.0, fn () => anAdapter('60 mm', 180), 30.0, '30 N·m', 24.0],
    'halfway between two steps goes up: 24.25 to 24.5' => [24.25, null, 24.25, '24.5 N·m', 24.5],
]);

it('writes the dial in the unit of its step, and computes in newton metres', function () {
    // 24 N·m = 17.70 lbf·ft; nearest half 17.5; 17.5·4.4482216152605·0.3048 = 23.72686
    $setting = WrenchSetting::of(Target::of(24.0, 0.05), aWrench('0.5 lbf·ft'), null);
    expect($setting->written)->toBe('17.5 lbf·ft')->and($setting->dial)->toEqualWithDelta(17.5 * 4.4482216152605 * 0.3048, 1e-12)->and($setting->inside)->toBeTrue();
});

it('aims at an end of a range without missing it outwards', function (Aim $aim, float $target, string $dial) {
    // 22.2 to 25.8 in whole steps: 22 lies under the range, 26 above it
    $setting = WrenchSetting::of(Target::between(22.2, 25.8, $aim), aWrench('1 N·m'), null);
    expect($setting->target->figure)->toBe($target)->and($setting->written)->toBe($dial)->and($setting->inside)->toBeTrue();
})->with([
    'low: 23 and not 22' => [Aim::Low, 22.2, '23 N·m'],
    'middle: 24' => [Aim::Middle, 24.0, '24 N·m'],
    'high: 25 and not 26' => [Aim::High, 25.8, '25 N·m'],
]);

it('says when a step is too coarse to land inside', function () {
    $setting = WrenchSetting::of(Target::between(21.0, 24.0, Aim::Low), aWrench('10 N·m'), null);
    expect($setting->inside)->toBeFalse()->and($setting->written)->toBe('20 N·m');
});

it('refuses what it cannot be set to, and warns where it is not trusted', function (float $torque, Wrench $wrench, ?Adapter $adapter, ?string $field, int $cautions) {
    try {
        expect(WrenchSetting::of(Target::of($torque, 0.05), $wrench, $adapter)->toArray()['cautions'])->toHaveCount($cautions)->and($field)->toBeNull();
    } catch (Refusal $refusal) {
        expect($refusal->field)->toBe($field);
    }
})->with([
    'the top of its scale' => [50.0, fn () => aWrench(), null, null, 0],
    'above it' => [50.6, fn () => aWrench(), null, 'target', 0],
    'below it' => [4.0, fn () => aWrench(), null, 'target', 0],
    'a fifth of 50' => [10.0, fn () => aWrench(), null, null, 0],
    'under a fifth' => [9.5, fn () => aWrench(), null, null, 1],
    'off its scale only with the adapter: 60·300/600 = 30' => [60.0, fn () => aWrench(), fn () => anAdapter('300 mm', 0), null, 0],
    'a lever turned round' => [24.0, fn () => aWrench(), fn () => anAdapter('300 mm', 180), 'adapter', 0],
    'a lever of unknown length' => [24.0, fn () => aWrench(length: null), fn () => anAdapter('60 mm', 0), 'wrench.length', 0],
    'which nobody asks for without an adapter' => [24.0, fn () => aWrench(length: null), null, null, 0],
]);

it('keeps setting × lever = target for any adapter', function () {
    Property::holds(200, [Generators::choose(100, 600), Generators::choose(1, 99), Generators::choose(0, 359), Generators::choose(5, 200)], function (int $length, int $share, int $angle, int $torque): void {
        $adapter = anAdapter(($length * $share / 100).' mm', $angle);
        $setting = WrenchSetting::of(Target::of($torque, 0.05), aWrench('0.1 N·m', 0, 1e6, "$length mm"), $adapter);
        $lever = ($length + $length * $share / 100 * cos(deg2rad($angle))) / $length;
        expect($setting->exact * $lever)->toEqualWithDelta((float) $torque, 1e-6)->and(abs($setting->dial - $setting->exact))->toBeLessThanOrEqual(0.05 + 1e-9);
    });
});

it('picks the wrench without an adapter first, then the one nearest the middle of its scale', function (bool $needs, array $chosen) {
    $wrenches = [['big', aWrench('1 N·m', 20, 200)], ['coarse', aWrench('10 N·m', 0, 60)], ['fit', aWrench('0.5 N·m', 5, 50)], ['small', aWrench('0.1 N·m', 1, 10)]];
    $choices = WrenchChoice::among(Target::between(23.0, 25.0, Aim::Middle), $wrenches, [['foot', anAdapter('60 mm', 90)]], $needs);
    $names = array_map(static fn (WrenchChoice $choice): string => implode('+', array_filter([$choice->toArray()['wrench'], $choice->toArray()['adapter']])), $choices);
    expect($names)->toBe($chosen);
})->with([
    'small cannot, coarse misses' => [false, ['fit', 'big', 'fit+foot', 'big+foot']],
    'only with an adapter' => [true, ['fit+foot', 'big+foot']],
]);

it('reads a wrench off its label', function (string $range, string $step, ?array $ends, ?string $field) {
    try {
        $wrench = Wrench::labelled($range, $step, null);
        expect([$wrench->min, $wrench->max])->toEqualWithDelta($ends, 1e-9);
    } catch (Refusal $refusal) {
        expect($refusal->field)->toBe($field);
    }
})->with([
    'newton metres' => ['10 to 60 N·m', '0.5 N·m', [10.0, 60.0], null],
    // 1 lbf·ft = 4.4482216152605 N · 0.3048 m
    'foot-pounds' => ['10 to 80 lbf·ft', '1 lbf·ft', [10 * 4.4482216152605 * 0.3048, 80 * 4.4482216152605 * 0.3048], null],
    'tenths, and blanks round it' => [' 2.5 to 11 N·m ', '0.1 N·m', [2.5, 11.0], null],
    'one end' => ['60 N·m', '0.5 N·m', null, 'range'],
    'nothing' => ['', '0.5 N·m', null, 'range'],
    'no unit' => ['10 to 60', '0.5 N·m', null, 'range'],
]);

it('knows how far the torque at the bolt may be off', function (?Adapter $adapter, ?float $ofWrench, ?float $atBolt) {
    expect(WrenchSetting::of(Target::of(24.0, 0.05), aWrench(), $adapter)->doubt($ofWrench))->toEqualWithDelta($atBolt, 1e-9);
})->with([
    'its own' => [null, 0.6, 0.6],
    'through an adapter of a fifth: 0.5·24/20' => [fn () => anAdapter('60 mm', 0), 0.5, 0.6],
    'nobody knows' => [null, null, null],
]);
