<?php

use Moltrek\Core\Practice\StandInGauge;

it('falls as air leaks: from what was pumped up, never up again, the same for the same seed', function (int $seed) {
    $gauge = new StandInGauge($seed);
    $shown = array_map(fn (int $after): float => $gauge->reads(46, $after), range(0, 360, 20));
    $sorted = $shown;
    rsort($sorted);
    expect($shown)->toBe($sorted)->and($shown[0])->toBe(46.0)->and($shown[18])->toBeGreaterThan(0)->toBeLessThan(46)
        ->and((new StandInGauge($seed))->reads(46, 180))->toBe($gauge->reads(46, 180));
})->with([1, 214, 222, 9999]);

it('lets some cases hold and others leak', function () {
    // 7 kPa of 46 in six minutes are k = ln(46 / 39) / 360 = 0.000459
    $falls = array_map(fn (int $seed): bool => 46 - (new StandInGauge($seed))->reads(46, 360) > 7, range(1, 40));
    expect(array_unique($falls))->toHaveCount(2);
});
