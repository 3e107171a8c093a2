<?php

use Moltrek\Core\Log\Planning\RunningWait;
use Moltrek\Core\Sheet\SheetWait;

/** @return list<string> the waits that are not over, by name */
function waiting(string $engine, array $acts, int $now): array
{
    return array_map(fn (RunningWait $wait): string => $wait->wait->name, worked(demoSheet($engine), $acts, $now)->work->waits());
}

it('runs a wait of the sheet from its step on, by the clock', function () {
    $acts = upTo(demoSheet('ulvane-139r'), 'reeds-on');
    expect(waiting('ulvane-139r', $acts, 9))->toBe(['Sealant skinning on the reed block'])->and(waiting('ulvane-139r', $acts, 10))->toBe([]);
});

it('lets some end only when a person has seen', function () {
    $acts = upTo(demoSheet('pellgrove-1092'), 'pull.rockers-front');
    expect(waiting('pellgrove-1092', $acts, 600))->toBe(['Front lifters bleeding down']);
    $seen = [...$acts, ['wait_seen', ['wait' => 'bleed-front']]];
    expect(waiting('pellgrove-1092', $seen, 1))->toBe([]);
});

it('runs what somebody began on the bench, and holds the step that was named', function () {
    $acts = [['wait_started', ['what' => 'Barrel soaking in penetrating oil', 'time' => '30 min', 'step' => 'clean.barrel']]];
    $state = worked(demoSheet('harbick-421'), $acts, 29);
    expect(stateOf($state, 'clean.barrel'))->toBe('blocked')->and($state->work->blockages($state->work->steps()['clean.barrel'])[0]->why)->toBe('Barrel soaking in penetrating oil.')
        ->and(stateOf($state, 'clean.head'))->toBe('ready');
    expect(stateOf(worked(demoSheet('harbick-421'), $acts, 30), 'clean.barrel'))->toBe('ready');
});

it('holds it longer where somebody has to see', function () {
    $acts = [['wait_started', ['what' => 'Piston warming', 'time' => '0.5 h', 'seen' => 'the pin slides by its own weight', 'step' => 'clean.barrel']]];
    $late = worked(demoSheet('harbick-421'), $acts, 300);
    expect(stateOf($late, 'clean.barrel'))->toBe('blocked')->and($late->work->waits()[0]->due() < $late->now)->toBeTrue();
    $seen = [...$acts, ['wait_seen', ['wait' => $late->work->waits()[0]->wait->id]]];
    $after = worked(demoSheet('harbick-421'), $seen);
    expect(stateOf($after, 'clean.barrel'))->toBe('ready')
        ->and(($after->entries[count($after->entries) - 1])->said->words($after))->toBe('Seen: the pin slides by its own weight')
        ->and(($after->entries[count($after->entries) - 2])->said->words($after))->toBe('Waiting: Piston warming, 0.5 h');
});

it('begins again when its step is done again', function () {
    $sheet = demoSheet('pellgrove-1092');
    $acts = [...upTo($sheet, 'pull.rockers-front'), ['wait_seen', ['wait' => 'bleed-front']], ['slab_lifted', ['slab' => 'rockers-front']]];
    expect(waiting('pellgrove-1092', $acts, 0))->toBe([])
        ->and(waiting('pellgrove-1092', [...$acts, ['step_done', ['step' => 'pull.rockers-front']]], 1))->toBe(['Front lifters bleeding down']);
});

it('runs no more when its step is undone, though nobody has seen its end', function () {
    $acts = [...upTo(demoSheet('pellgrove-1092'), 'pull.rockers-front'), ['slab_lifted', ['slab' => 'rockers-front']]];
    expect(waiting('pellgrove-1092', $acts, 0))->toBe([])->and(waiting('pellgrove-1092', $acts, 60))->toBe([]);
});

it('needs nobody to call it, and says so', function () {
    $state = worked(demoSheet('harbick-421'), [['wait_started', ['what' => 'Plates soaking', 'time' => '20 min']]], 5);
    expect($state->work->waits()[0]->wait->seen)->toBeNull()->and($state->work->waits()[0]->since->format('H:i'))->toBe('08:01')->and($state->work->waits()[0]->due()->format('H:i'))->toBe('08:21');
});

it('is one where two cylinders bleed down under one box, and over for both when it is seen', function (array $seen, array $expected) {
    $acts = upTo(demoSheet('brindlecote-812'), 'on.rockers');
    expect(array_values(preg_grep('/lifters/', waiting('brindlecote-812', [...$acts, ...$seen], 2)) ?: []))->toBe($expected);
})->with([
    'nobody has looked' => [[], ['Left and right lifters bleeding down']],
    'seen' => [[['wait_seen', ['wait' => 'bleed-1']]], []],
    'seen by the name of the other' => [[['wait_seen', ['wait' => 'bleed-2']]], []],
]);

it('joins the names of what is one', function (string $one, string $other, string $both) {
    $wait = fn (string $name): SheetWait => SheetWait::begun('a', $name, 60, 'seen', '');
    expect($wait($one)->with($wait($other))->name)->toBe($both);
})->with([
    ['Left lifters bleeding down', 'Right lifters bleeding down', 'Left and right lifters bleeding down'],
    ['Lifters bleeding down', 'Lifters bleeding down', 'Lifters and lifters bleeding down'],
    ['Glue curing', 'Sealant skinning', 'Glue curing and sealant skinning'],
]);

it('is two where one ends by the clock, or they are not as long', function (?string $seen, int $seconds, bool $isOne) {
    $wait = SheetWait::begun('a', 'Front lifters', 60, 'spun', '')->begunBy('on.box');
    expect($wait->isOneWith(SheetWait::begun('b', 'Rear lifters', $seconds, $seen, '')->begunBy('on.box')))->toBe($isOne)
        ->and(SheetWait::begun('b', 'Rear lifters', $seconds, $seen, '')->begunBy('on.box')->isOneWith($wait))->toBe($isOne);
})->with(['the same' => ['spun', 60, true], 'by the clock' => [null, 60, false], 'longer' => ['spun', 90, false], 'until something else is seen' => ['dry', 60, false]]);
