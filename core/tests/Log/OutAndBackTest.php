<?php

use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Parts\PlannedPart;
use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Refusal\Refusal;

/** The Harbick with its bore decided to be bored out, and what happened then. */
function bored(array ...$then): BuildState
{
    $sheet = demoSheet('harbick-421');
    $decided = ['bore_decided', ['cylinder' => '1', 'decision' => 'rebore', 'size' => '+0.50', 'reason' => 'worn past service']];
    $steps = array_filter(upTo($sheet, 'decide.bore.1'), static fn (array $act): bool => ($act[1]['step'] ?? '') !== 'decide.bore.1');

    return worked($sheet, [...$steps, $decided, ...array_values($then)]);
}

const OUT = ['work_sent', ['cylinder' => '1', 'to' => 'Corrie Bore Works', 'promised' => '2026-12-01']];
const BACK = ['work_back', ['cylinder' => '1']];

it('waits for a bore that is out, until it is back and looked over', function () {
    expect(stateOf(bored(), 'send.bore.1'))->toBe('ready');
    $out = bored(OUT);
    expect(stateOf($out, 'send.bore.1'))->toBe('blocked')
        ->and(array_map(static fn (Blockage $each): string => $each->why, $out->work->blockages($out->work->steps()['send.bore.1'])))->toBe(['It waits for bore, at Corrie Bore Works.'])
        ->and($out->parts->awayOf('1')->promised?->text)->toBe('2026-12-01');
    expect(stateOf(bored(OUT, BACK), 'send.bore.1'))->toBe('ready');
    $done = bored(OUT, BACK, ['step_done', ['step' => 'send.bore.1']]);
    expect(stateOf($done, 'send.bore.1'))->toBe('done')->and(stateOf($done, 'work.wash.1'))->toBe('ready');
});

it('is no part that is bought', function () {
    expect(array_filter(PlannedPart::all(bored(OUT)), static fn (PlannedPart $part): bool => str_contains($part->part, 'Corrie')))->toBe([]);
});

it('goes out once, and only where something is to be done outside', function (BuildState $state, array $act) {
    expect(fn () => Before::of($state)->enter($act[0], (object) $act[1]))->toThrow(Refusal::class);
})->with([
    'a bore that is kept' => [fn () => worked(demoSheet('harbick-421'), []), OUT],
    'one that is out' => [fn () => bored(OUT), OUT],
    'one that was looked over' => [fn () => bored(OUT, BACK, ['step_done', ['step' => 'send.bore.1']]), OUT],
    'back that was not out' => [fn () => bored(), BACK],
    'a bore of another engine' => [fn () => bored(), ['work_sent', ['cylinder' => '9', 'to' => 'Corrie Bore Works']]],
]);
