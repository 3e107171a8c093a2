<?php

use Moltrek\Core\Document\Fields;
use Moltrek\Core\ValveGear\LashRead;
use Moltrek\Core\ValveGear\LashTarget;
use Moltrek\Core\ValveGear\ShimmedValve;

/** A valve under a lever of 1.5, its shim of 2.50 mm read at 0.08 to 0.12 mm; 0.16 to 0.28 mm are asked, 0.22 aimed at. */
function underALever(float $ratio = 1.5): ShimmedValve
{
    $target = LashTarget::readOrNull(Fields::of(json_decode('{"target":{"min":"0.16 mm","max":"0.28 mm"}}'), 'target'), 'target');

    return new ShimmedValve('in', LashRead::between(80_000, 120_000), 2_500_000, $ratio, $target, 220_000);
}

it('moves a clearance by its shim times the lever', function (float $ratio, int $shim, array $expected) {
    expect(array_map(round(...), underALever($ratio)->with($shim)))->toEqual($expected);
})->with([
    // 0.10 thinner under a bucket: 0.10 wider
    'under a bucket' => [1.0, 2_400_000, [180_000, 220_000]],
    // 0.10 thinner, times 1.5: 0.15 wider
    'under a lever' => [1.5, 2_400_000, [230_000, 270_000]],
    'under a lever that lessens' => [0.5, 2_400_000, [130_000, 170_000]],
]);

it('finds the shims that bring it inside, and the one that meets the aim, through the lever', function (float $ratio, array $fitting, float $ideal) {
    $valve = underALever($ratio);
    expect(array_map(fn (float $shim): float => round($shim / 1e6, 4), $valve->fitting() ?? []))->toBe($fitting)
        ->and(round($valve->ideal() / 1e6, 4))->toBe($ideal)
        // and so they do: at both ends of what fits, and not beyond
        ->and($valve->fits($fitting[0] * 1e6 + 200))->toBeTrue()->and($valve->fits($fitting[1] * 1e6 - 200))->toBeTrue()
        ->and($valve->fits($fitting[0] * 1e6 - 200))->toBeFalse()->and($valve->fits($fitting[1] * 1e6 + 200))->toBeFalse()
        ->and(round($valve->middleWith($valve->ideal())))->toEqual(220_000);
})->with([
    // thinnest 2.50 − (0.28 − 0.12)/1 = 2.34, thickest 2.50 − (0.16 − 0.08)/1 = 2.42, ideal 2.50 − (0.22 − 0.10)/1 = 2.38
    'under a bucket' => [1.0, [2.34, 2.42], 2.38],
    // thinnest 2.50 − 0.16/1.5 = 2.3933, thickest 2.50 − 0.08/1.5 = 2.4467, ideal 2.50 − 0.12/1.5 = 2.42
    'under a lever' => [1.5, [2.3933, 2.4467], 2.42],
    // thinnest 2.50 − 0.16/0.8 = 2.30, thickest 2.50 − 0.08/0.8 = 2.40, ideal 2.50 − 0.12/0.8 = 2.35
    'under a lever that lessens' => [0.8, [2.3, 2.4], 2.35],
]);

it('says that none can where what was read is wider than what is asked, or no shim is so thin', function (int $low, int $high, int $shim, bool $can) {
    $target = LashTarget::readOrNull(Fields::of(json_decode('{"target":{"min":"0.16 mm","max":"0.20 mm"}}'), 'target'), 'target');
    expect((new ShimmedValve('in', LashRead::between($low, $high), $shim, 1.0, $target, 180_000))->fitting() !== null)->toBe($can);
})->with([
    'read as wide as is asked' => [80_000, 120_000, 2_500_000, true],
    'read wider' => [80_000, 121_000, 2_500_000, false],
    // thickest 0.10 − (0.16 − 0.05) is less than nothing
    'no shim so thin' => [50_000, 60_000, 100_000, false],
    // 0.12 − 0.11 = 0.01
    'one as thin as that' => [50_000, 60_000, 120_000, true],
]);

it('measures how far a shim would leave it from the aim, either way', function (int $shim, float $off) {
    expect(underALever()->offAim($shim))->toEqualWithDelta($off, 1);
})->with([
    'on it: 0.10 + 0.08 · 1.5' => [2_420_000, 0],
    // 0.10 + 0.10 · 1.5 = 0.25
    'wider' => [2_400_000, 30_000],
    // 0.10 + 0.04 · 1.5 = 0.16
    'tighter' => [2_460_000, 60_000],
]);
