<?php

use Moltrek\Core\Log\Entry;

/** @return list<float> the figures that stand together at a place, in mm */
function roundAt(string $spot, Entry ...$entries): array
{
    $round = replayed(apart(), ...$entries)->readings->at($spot)?->round;

    return array_map(static fn (int|float $nanometres): float => $nanometres / 1e6, $round->values ?? []);
}

const ACROSS = 'bore.1.across.12';

it('takes together what was read within a minute, back to what was no figure read outright', function (array $readings, array $together) {
    $entries = [];
    foreach ($readings as $index => [$minute, $reading]) {
        $entries[] = readingAt($minute, ACROSS, $reading, ['again' => false]);
    }
    expect(roundAt(ACROSS, ...$entries))->toBe($together);
})->with([
    'one alone' => [[[10, '55.004 mm']], []],
    'two' => [[[10, '55.004 mm'], [11, '55.006 mm']], [55.004, 55.006]],
    'three, in their order' => [[[10, '55.006 mm'], [11, '55.002 mm'], [12, '55.004 mm']], [55.006, 55.002, 55.004]],
    'two minutes apart' => [[[10, '55.004 mm'], [12, '55.006 mm']], []],
    'another first' => [[[5, '55.020 mm'], [10, '55.004 mm'], [11, '55.006 mm']], [55.004, 55.006]],
    'a deviation between' => [[[10, '55.004 mm'], [11, ['setting' => '55.00 mm', 'deviation' => '0.002 mm']], [12, '55.006 mm']], []],
    'a deviation last' => [[[10, '55.004 mm'], [11, ['setting' => '55.00 mm', 'deviation' => '0.002 mm']]], []],
    'a deviation before two' => [[[10, ['setting' => '55.00 mm', 'deviation' => '0.002 mm']], [11, '55.004 mm'], [12, '55.006 mm']], [55.004, 55.006]],
]);
