<?php

it('keeps with a reading how far the engine was together', function (array $acts, string $spot, mixed $reading, string $standing) {
    $state = worked(demoSheet('harbick-421'), [...$acts, ['reading_taken', ['spot' => $spot, 'reading' => $reading]]]);
    expect($state->readings->takenIn($spot))->toBe($standing);
})->with([
    'apart' => [[], 'piston.1', '85.952 mm', 'top end apart'],
    'the barrel down, the gasket not crushed' => [fn (): array => upTo(demoSheet('harbick-421'), 'on.barrel'), 'piston.1', '85.952 mm', 'barrel, piston, rings on'],
    'the head at full torque' => [fn (): array => upTo(demoSheet('harbick-421'), 'pull.head'), 'valve_lash.1.1in', ['passes' => '0.10 mm'], 'head torqued'],
]);

it('keeps it through what comes after, until it is read again', function () {
    $sheet = demoSheet('harbick-421');
    $read = ['reading_taken', ['spot' => 'crank_runout.left', 'reading' => '0.02 mm']];
    $later = [...upTo($sheet, 'pull.head')];
    expect(worked($sheet, [$read, ...$later])->readings->takenIn('crank_runout.left'))->toBe('top end apart')
        ->and(worked($sheet, [$read, ...$later, $read])->readings->takenIn('crank_runout.left'))->toBe('head torqued')
        ->and(worked($sheet, $later)->readings->takenIn('crank_runout.left'))->toBeNull();
});
