<?php

use Moltrek\Core\Planning\HomePart;
use Moltrek\Core\Planning\Suspects;
use Moltrek\Core\Sheet\Symptom;

it('puts first what the complaint speaks of', function (string $engine, string $complaint, string $symptom) {
    $first = Suspects::on(demoSheet($engine), $complaint)[0];
    expect($first->symptom)->toBe($symptom)->and(Suspects::isSpokenOf($first, $complaint))->toBeTrue();
})->with([
    'the sheet’s own weak point' => ['ferrant-738', 'Oil at the right pushrod tube, eight hundred miles after it was last apart.', 'oil at a pushrod tube'],
    'blue smoke under load' => ['harbick-421', 'Blue smoke under load, uses oil.', 'blue smoke under load'],
    'a rattle, by its stem' => ['ulvane-139r', 'Rattling when it is cold', 'rattles when cold'],
    'power, on a two-stroke' => ['skarn-594', 'No power on the hill', 'down on power, stiff to rev'],
    'low compression' => ['dunmoor-208sv', 'Compression is low', 'low compression'],
]);

it('takes no word for a sign that every complaint has', function () {
    $symptom = Symptom::of('smokes soon after a rebuild', 'rings', 'plugs');
    expect(Suspects::isSpokenOf($symptom, 'Would not start after the winter.'))->toBeFalse()
        ->and(Suspects::isSpokenOf($symptom, 'It smokes.'))->toBeTrue()
        ->and(Suspects::isSpokenOf($symptom, ''))->toBeFalse();
});

it('suspects what the engine has', function () {
    $said = fn (string $engine): string => implode(' ', array_map(fn (Symptom $symptom): string => $symptom->suspect, Suspects::on(demoSheet($engine), '')));
    expect($said('ulvane-139r'))->toContain('exhaust valve')->not->toContain('valve guides')
        ->and($said('harbick-421'))->toContain('valve guides')->not->toContain('crank seal');
});

it('keeps the order of the sheet where the complaint says nothing', function () {
    $sheet = demoSheet('harbick-421');
    expect(array_slice(array_map(fn (Symptom $symptom): string => $symptom->symptom, Suspects::on($sheet, '')), 0, 2))->toBe(['blue smoke under load', 'oil at the base']);
});

it('gives a home to what has run together', function (string $engine, array $counts) {
    $sorts = array_map(fn (HomePart $part): string => str_starts_with($part->sort, 'bolt') ? 'bolt' : $part->sort, array_values(HomePart::on(demoSheet($engine))));
    expect(array_count_values($sorts))->toEqual($counts);
})->with([
    'a two-stroke single: its piston' => ['ulvane-139r', ['piston' => 1]],
    'a two-stroke twin: each its own, and a head with bolts of two lengths (8 + 2)' => ['skarn-594', ['piston' => 2, 'bolt' => 10]],
    'one cam, rockers: two caps, a rocker a valve, head 4 + 2 and cover 2 + 6' => ['harbick-421', ['cam cap' => 2, 'rocker' => 2, 'piston' => 1, 'bolt' => 14]],
    'sixteen buckets with their shims, eleven bolts of two lengths' => ['ostrel-608', ['cam cap' => 4, 'bucket' => 16, 'shim' => 16, 'piston' => 4, 'rod cap' => 4, 'bolt' => 11]],
    'pushrods: lifter, rod and rocker a valve, no caps on a cam in the case' => ['ferrant-738', ['lifter' => 6, 'pushrod' => 6, 'rocker' => 6, 'piston' => 3, 'rod cap' => 3, 'bolt' => 10]],
    'side valves: a tappet each' => ['dunmoor-208sv', ['tappet' => 2, 'piston' => 1, 'rod cap' => 1]],
]);

it('names a part by where it ran', function () {
    $parts = HomePart::on(demoSheet('ostrel-608'));
    expect($parts['bucket.3ex2']->name())->toBe('Bucket of exhaust valve 2, cylinder 3')
        ->and($parts['rod-cap.2']->name())->toBe('Rod cap of cylinder 2')
        ->and($parts['bolt.h11']->name())->toBe('Bolt 60 mm of hole h11');
});
