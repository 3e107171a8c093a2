<?php

use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\ValveGear\ShimLoop;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Valve;

/** The Ostrel brought for its valve clearance, or for something else, and what was entered on it minute by minute. */
function ostrelFor(array $errands, array ...$acts): BuildState
{
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'whole', 'errands' => $errands], $at, 'TW')];
    foreach ($acts as $index => [$kind, $payload]) {
        $at = $at->modify('+1 minute');
        $entries[] = Entry::stored(sprintf('%04d', $index + 1), $kind, json_decode(json_encode((object) $payload)), $at, 'TW');
    }

    return Build::replay(demoSheet('ostrel-608'), $entries, $at);
}

/** A lash read with leaves: inlets are to have 0.16 to 0.20, exhausts 0.22 to 0.26 mm. */
function lashOf(string $valve, string $passes, string $refuses): array
{
    return ['reading_taken', ['spot' => 'valve_lash.'.$valve[0].'.'.$valve, 'reading' => ['passes' => "$passes mm", 'refuses' => "$refuses mm"]]];
}

/** @return list<array{string, mixed}> every clearance inside, but for those named */
function allLashes(array $but = []): array
{
    return array_map(static function (Valve $valve) use ($but): array {
        [$passes, $refuses] = $but[$valve->id] ?? ($valve->side->value === 'inlet' ? ['0.17', '0.19'] : ['0.23', '0.25']);

        return lashOf($valve->id, $passes, $refuses);
    }, demoSheet('ostrel-608')->valveTrain->valves);
}

/** @return list<array{string, mixed}> the steps up to and with the last, as the plan of these acts has them, holds and all */
function doneUpTo(array $errands, array $acts, string $last): array
{
    for ($count = 0; $count < 120; $count++) {
        $next = array_values(array_filter(ostrelFor($errands, ...$acts)->work->next(), static fn (string $id): bool => ! str_starts_with($id, 'set.lash')))[0];
        $acts[] = ['step_done', ['step' => $next]];
        if ($next === $last) {
            return $acts;
        }
    }
    throw new LogicException("never came to $last");
}

const FOR_THE_SHIMS = ['off.marks', 'off.tensioner', 'off.cam', 'off.shims', 'on.shims', 'on.cam', 'on.chain', 'on.tensioner', 'time.cam', 'turn.timing',
    'clean.cam', 'hold.cam', 'pull.cam'];

$clearance = [Errand::ValveClearance->value];
$opened = array_map(static fn (string $step): array => ['step_done', ['step' => $step]], ['off.cover', 'off.plug.1', 'off.plug.2', 'off.plug.3', 'off.plug.4']);

it('leaves the cams in where every clearance is inside: the commonest job of a shop', function () use ($clearance, $opened) {
    $before = ostrelFor($clearance, ...$opened);
    expect(array_diff(FOR_THE_SHIMS, array_keys($before->work->steps())))->toBe([]);
    $after = ostrelFor($clearance, ...$opened, ...allLashes());
    expect(array_values(array_intersect(FOR_THE_SHIMS, array_keys($after->work->steps()))))->toBe([])
        ->and(stateOf($after, 'decide.shims'))->toBe('done')
        ->and($after->work->next()[0])->toBe('hold.cover')
        ->and($after->work->steps()['hold.cover']->asks->items)->toContain('Every clearance read: inside, or accepted by name');
    // and it can be finished with the cams never out
    $ids = [];
    $acts = [...$opened, ...allLashes()];
    while (($next = ostrelFor($clearance, ...$acts)->work->next()[0] ?? null) !== null) {
        $acts[] = ['step_done', ['step' => $next]];
        $ids[] = $next;
    }
    expect($ids)->toBe(['hold.cover', 'on.cover', 'pull.cover', 'on.plug.1', 'on.plug.2', 'on.plug.3', 'on.plug.4', 'hold.start', 'start.first']);
});

it('asks for a choice where one is out, and no more once somebody takes that upon himself', function () use ($clearance, $opened) {
    $valve = demoSheet('ostrel-608')->valveTrain->valves[0];
    $tight = allLashes([$valve->id => ['0.10', '0.12']]);
    $out = ostrelFor($clearance, ...$opened, ...$tight);
    expect(stateOf($out, 'decide.shims'))->toBe('ready')->and($out->work->steps())->toHaveKey('off.cam');
    $spot = "valve_lash.$valve->cylinder.$valve->id";
    $taken = ostrelFor($clearance, ...[...$opened, ...$tight, ['verdict_accepted', ['verdict' => $spot, 'state' => 'out', 'reason' => 'to be set hot next week']]]);
    expect(stateOf($taken, 'decide.shims'))->toBe('done')->and($taken->work->steps())->not->toHaveKey('off.cam');
    // read again, and out: all of it is back
    $anew = ostrelFor($clearance, ...[...$opened, ...allLashes(), lashOf($valve->id, '0.08', '0.10')]);
    expect(stateOf($anew, 'decide.shims'))->not->toBe('done')->and($anew->work->steps())->toHaveKeys(['off.cam', 'on.shims', 'time.cam']);
});

it('keeps what was done: marks that were seen stand, and cams that were let go go back in', function () use ($clearance, $opened) {
    $valves = allLashes();
    $last = array_pop($valves);
    $seen = ostrelFor($clearance, ...[...$opened, ...$valves, ['step_done', ['step' => 'off.marks']], $last]);
    expect(stateOf($seen, 'off.marks'))->toBe('done')->and($seen->work->steps())->not->toHaveKey('off.tensioner');
    $begun = ostrelFor($clearance, ...[...$opened, ...$valves, ['step_done', ['step' => 'off.marks']], ['step_done', ['step' => 'off.tensioner']], $last]);
    expect($begun->work->steps())->toHaveKeys(['off.cam', 'on.tensioner', 'time.cam', 'turn.timing']);
});

it('goes by a choice that changes nothing as by readings that are inside', function () use ($clearance, $opened) {
    $valve = demoSheet('ostrel-608')->valveTrain->valves[0];
    $kept = ostrelFor($clearance, ...[...$opened, ...allLashes([$valve->id => ['0.10', '0.12']]), ['shims_decided', ['shims' => []]]]);
    expect(stateOf($kept, 'decide.shims'))->toBe('done')->and($kept->work->steps())->not->toHaveKey('off.cam');
});

it('goes round again where a clearance comes out wrong with the cams in', function () use ($clearance, $opened) {
    $valve = demoSheet('ostrel-608')->valveTrain->valves[0];
    $tight = allLashes([$valve->id => ['0.10', '0.12']]);
    $choice = ['shims_decided', ['shims' => [['valve' => $valve->id, 'size' => '2.45 mm', 'source' => 'shelf']]]];
    $acts = doneUpTo($clearance, [...$opened, ...$tight, $choice], 'turn.timing');
    $wrong = [...$acts, lashOf($valve->id, '0.24', '0.26')];
    $state = ostrelFor($clearance, ...$wrong);
    expect(stateOf($state, 'decide.shims'))->toBe('void')->and($state->work->canBeDone($state->work->steps()['hold.cover']))->toBeFalse()
        ->and(stateOf($state, 'turn.timing'))->toBe('done');
    $again = ostrelFor($clearance, ...[...$wrong, ['shims_decided', ['shims' => [['valve' => $valve->id, 'size' => '2.55 mm', 'source' => 'shelf']]]]]);
    $states = array_map(fn (string $step): string => stateOf($again, $step), ['off.tensioner', 'off.cam', 'off.shims', 'on.shims', 'on.cam', 'on.chain', 'pull.cam', 'on.tensioner', 'time.cam', 'turn.timing', "set.lash.$valve->id"]);
    expect(array_unique($states))->toBe(['void'])
        ->and([stateOf($again, 'decide.shims'), stateOf($again, 'off.marks'), stateOf($again, 'off.cover')])->toBe(['done', 'done', 'done'])
        ->and($again->work->next()[0])->toBe('off.tensioner');
});

it('asks for shims also of a job that set out for the cams alone', function () {
    $errand = [Errand::Cam->value];
    $valve = demoSheet('ostrel-608')->valveTrain->valves[0];
    $acts = doneUpTo($errand, [], 'turn.timing');
    expect(ostrelFor($errand, ...$acts)->work->steps())->not->toHaveKey('decide.shims')->not->toHaveKey('off.shims');
    $wrong = ostrelFor($errand, ...[...$acts, ...allLashes([$valve->id => ['0.10', '0.12']])]);
    expect($wrong->work->steps())->toHaveKeys(['decide.shims', 'off.shims', 'on.shims'])->and(stateOf($wrong, 'decide.shims'))->toBe('ready');
});

it('never settles shims by what was read before the seats were worked', function () {
    $acts = [['step_done', ['step' => 'off.plug.1']], ...allLashes()];
    $head = ostrelFor([Errand::Head->value], ...$acts);
    expect(stateOf($head, 'decide.shims'))->not->toBe('done')->and($head->work->steps())->toHaveKeys(['off.shims', 'on.shims', 'work.valves']);
});

it('announces what a change costs as it then comes: tried on the same log, its timing with it', function () use ($clearance, $opened) {
    $valve = demoSheet('ostrel-608')->valveTrain->valves[0];
    $ids = fn (BuildState $state): array => array_map(fn (Step $step): string => $step->id, (new ShimLoop($state))->costs());
    $open = fn (BuildState $state): array => array_keys(array_filter($state->work->steps(), fn (Step $step): bool => ! $state->work->isDone($step)));
    $choice = fn (string $size): array => ['shims_decided', ['shims' => [['valve' => $valve->id, 'size' => $size, 'source' => 'shelf']]]];

    // with the cover off and one clearance tight: the cams come out for it, and are timed and turned again
    $acts = [...$opened, ...allLashes([$valve->id => ['0.10', '0.12']]), ...array_map(fn (Valve $each): array => ['shim_read', ['valve' => $each->id, 'size' => '2.50 mm']], demoSheet('ostrel-608')->valveTrain->valves)];
    $announced = $ids(ostrelFor($clearance, ...$acts));
    expect($announced)->toContain('off.cam', 'on.cam', 'pull.cam', 'on.tensioner', 'time.cam', 'turn.timing');
    $stays = $open(ostrelFor($clearance, ...[...$acts, ['shims_decided', ['shims' => []]]]));
    expect(array_diff($announced, $open(ostrelFor($clearance, ...[...$acts, $choice('2.45 mm')]))))->toBe([])
        ->and(array_intersect($announced, $stays))->toBe([]);

    // and once more where the choice came out wrong with the cams in: what stands done today is announced to be done again
    $fitted = ['shim_fitted', ['valve' => $valve->id, 'size' => '2.45 mm', 'source' => 'shelf']];
    $wrong = [...doneUpTo($clearance, [...$acts, $choice('2.45 mm')], 'turn.timing'), $fitted, ...allLashes([$valve->id => ['0.24', '0.26']])];
    $state = ostrelFor($clearance, ...$wrong);
    expect(stateOf($state, 'turn.timing'))->toBe('done')->and($ids($state))->toContain('off.cam', 'on.cam', 'time.cam', 'turn.timing');
    $after = ostrelFor($clearance, ...[...$wrong, $choice('2.55 mm')]);
    expect(array_diff($ids($state), $open($after)))->toBe([]);
});

it('costs nothing beyond the shims where the cams are out already', function () {
    $errand = [Errand::Head->value];
    $acts = doneUpTo($errand, [], 'off.cam');
    $valve = demoSheet('ostrel-608')->valveTrain->valves[0];
    $state = ostrelFor($errand, ...[...$acts, ...allLashes([$valve->id => ['0.10', '0.12']])]);
    expect(array_column((new ShimLoop($state))->costs(), 'id'))->toBe([]);
});
