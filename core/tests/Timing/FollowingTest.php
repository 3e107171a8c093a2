<?php

use Eris\Generators;
use Moltrek\Core\Tests\Property;
use Moltrek\Core\Timing\Following;

it('says whether a point went where its plate was moved', function (float $moved, float $came, float $doubt, bool $follows, bool $wrongWay) {
    $following = Following::of($moved * 1e9, $came * 1e9, $doubt * 1e9);
    expect([$following->follows(), $following->wentTheWrongWay()])->toBe([$follows, $wrongWay]);
})->with([
    'all of it' => [2, 2, 0, true, false],
    'later by all of it' => [-2, -2, 0, true, false],
    'half of it' => [2, 1, 0, true, false],
    'less than half' => [2, 0.9, 0, false, false],
    'less than half, as far as the readings tell' => [2, 0.9, 0.2, true, false],
    'less than half for sure' => [2, 0.9, 0.05, false, false],
    'not at all' => [2, 0, 0.1, false, false],
    'the wrong way' => [2, -0.5, 0.1, false, true],
    'the wrong way when it was to be later' => [-2, 0.5, 0.1, false, true],
    'the wrong way, or not at all' => [2, -0.1, 0.2, false, false],
    'a small move that the readings cannot tell' => [0.2, 0, 0.15, true, false],
    'further than it was moved' => [1, 3, 0, true, false],
]);

it('is the same whichever way is called earlier, and more doubt never blames a point', function () {
    $degrees = Generators::choose(-4000, 4000);
    Property::holds(200, [$degrees, $degrees, Generators::choose(0, 2000), Generators::choose(0, 2000)], function (int $moved, int $came, int $doubt, int $more): void {
        $follows = fn (int $sign, int $doubt): bool => Following::of($sign * $moved, $sign * $came, $doubt)->follows();
        if ($moved === 0) {
            return;
        }
        expect($follows(1, $doubt))->toBe($follows(-1, $doubt))->and(! $follows(1, $doubt) || $follows(1, $doubt + $more))->toBeTrue();
    });
});
