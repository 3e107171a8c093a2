<?php

use Moltrek\Core\Timing\CrankGeometry;

it('gives the piston below top dead centre', function (float $crank, float $expected) {
    expect((new CrankGeometry(30, 120))->belowTopDeadCentre($crank))->toEqualWithDelta($expected, 1e-9);
})->with([
    'top' => [0.0, 0.0],
    'bottom: the stroke' => [180.0, 60.0],
    'a quarter turn: 30 + 120 − √(120² − 30²)' => [90.0, 150 - sqrt(13500)],
    'the same on the way up' => [270.0, 150 - sqrt(13500)],
]);
