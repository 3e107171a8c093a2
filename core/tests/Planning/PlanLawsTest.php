<?php

use Eris\Generators;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Parts\SpentPart;
use Moltrek\Core\Log\Planning\LiftCost;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Tests\Property;

require_once __DIR__.'/../engines.php';

const BUILT_DIFFERENTLY = ['ulvane-139r', 'skarn-594', 'harbick-421', 'ostrel-608', 'pellgrove-1092', 'ferrant-738', 'brindlecote-812', 'dunmoor-208sv'];

/**
 * A job worked in any order that the plan allows, with lifts in between: each number picks what is done next.
 *
 * @param  list<int>  $picks
 */
function wandered(string|EngineSheet $engine, array $picks, Errand $for = Errand::TopEnd): BuildState
{
    $sheet = $engine instanceof EngineSheet ? $engine : demoSheet($engine);
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'apart', 'errands' => [$for->value]], $at, 'TW')];
    $state = Build::replay($sheet, $entries, $at);
    foreach ($picks as $index => $pick) {
        $at = $at->modify('+20 minutes');
        $next = $state->work->next();
        $slabs = array_slice($sheet->stack->slabs, 1);
        $entries[] = $pick % 13 === 0 || $next === []
            ? Entry::stored("e$index", 'slab_lifted', (object) ['slab' => $slabs[$pick % count($slabs)]->id], $at, 'TW')
            : Entry::stored("e$index", 'step_done', (object) ['step' => $next[$pick % count($next)]], $at, 'TW');
        $state = Build::replay($sheet, $entries, $at);
    }

    return $state;
}

/** Does what is ready until nothing is, waiting where it must. */
function finishedFrom(BuildState $state): BuildState
{
    $entries = $state->entries;
    $at = $state->now;
    for ($count = 0; $count < 300; $count++) {
        $at = $at->modify('+30 minutes');
        $next = $state->work->next()[0] ?? null;
        $wait = $state->work->waits()[0]->wait->id ?? null;
        if ($next === null && $wait === null) {
            return $state;
        }
        $entries[] = $next === null ? Entry::stored("w$count", 'wait_seen', (object) ['wait' => $wait], $at, 'TW') : Entry::stored("f$count", 'step_done', (object) ['step' => $next], $at, 'TW');
        $state = Build::replay($state->sheet, $entries, $at);
    }

    return $state;
}

it('never offers a step whose needs are open, whatever was done and lifted before', function (string $engine) {
    Property::holds(4, [Generators::vector(24, Generators::choose(0, 1000))], function (array $picks) use ($engine): void {
        $state = wandered($engine, $picks);
        foreach ($state->work->next() as $id) {
            $step = $state->work->steps()[$id];
            expect($state->work->openNeeds($step))->toBe([])->and($state->work->blockages($step))->toBe([])->and($state->work->isDone($step))->toBeFalse();
        }
    });
})->with(BUILT_DIFFERENTLY);

it('can be finished from wherever it stands', function (string $engine) {
    Property::holds(2, [Generators::vector(16, Generators::choose(0, 1000))], function (array $picks) use ($engine): void {
        $state = finishedFrom(wandered($engine, $picks));
        $left = array_filter($state->work->steps(), fn (Step $step): bool => $state->work->stateOf($step) !== StepState::Done);
        expect(array_keys($left))->toBe([]);
    });
})->with(['ulvane-139r', 'harbick-421', 'pellgrove-1092', 'dunmoor-208sv']);

it('gives every step one state, and that the one its needs allow', function (string $engine) {
    Property::holds(3, [Generators::vector(20, Generators::choose(0, 1000))], function (array $picks) use ($engine): void {
        $state = wandered($engine, $picks);
        foreach ($state->work->steps() as $step) {
            $open = $state->work->openNeeds($step);
            match ($state->work->stateOf($step)) {
                StepState::Ready => expect($open)->toBe([])->and($state->work->blockages($step))->toBe([]),
                StepState::Open => expect($open)->not->toBe([]),
                StepState::Blocked => expect($open)->toBe([])->and($state->work->blockages($step))->not->toBe([]),
                StepState::Done => expect($state->work->isDone($step))->toBeTrue(),
                StepState::Void => expect($state->work->isDone($step))->toBeFalse(),
            };
        }
    });
})->with(['skarn-594', 'ferrant-738', 'ostrel-608']);

/** Every place of an engine read as it stands, after the last of these entries. */
function withAllRead(BuildState $state): BuildState
{
    $at = $state->now->modify('+1 minute');
    $entries = array_map(fn (Spot $spot): Entry => Entry::stored('r.'.$spot->id, 'reading_taken', (object) ['spot' => $spot->id, 'reading' => json_decode(json_encode(plausibleReading($spot)))], $at, 'TW'), array_values($state->spots));

    return Build::replay($state->sheet, [...$state->entries, ...$entries], $at);
}

/** What a lift undoes is just what its cost has said: steps, readings and parts; a neighbouring column stays. */
function keepsItsWord(BuildState $state, int $depth): void
{
    $slabs = $state->sheet->stack->slabs;
    $under = $slabs[$depth % (count($slabs) - 1)];
    $cost = LiftCost::to($state, $under);
    if ($cost->comesOff === [] || ! $state->work->isBeingBuilt()) {
        expect([$cost->void, $cost->stale, $cost->spent])->toBe([[], [], []]);

        return;
    }
    $at = $state->now->modify('+1 minute');
    $lifts = array_map(fn (Slab $slab): Entry => Entry::stored('lift.'.$slab->id, 'slab_lifted', (object) ['slab' => $slab->id], $at, 'TW'), $cost->comesOff);
    $after = Build::replay($state->sheet, [...$state->entries, ...$lifts], $at);
    $void = array_filter($state->work->steps(), fn (Step $step): bool => $state->work->isDone($step) && ! $after->work->isDone($step));
    foreach ($slabs as $slab) {
        $stays = ! $state->sheet->stack->standsOn($slab->id, $under->id) && $state->slabs->of($slab)->isInPlace();
        expect($stays && ! $after->slabs->of($slab)->isInPlace())->toBeFalse($slab->id);
    }
    $stale = array_diff(array_keys($state->readings->all()), array_keys($after->readings->all()));
    $spent = array_filter($after->parts->spent(), fn (SpentPart $part): bool => str_starts_with($part->by->id, 'lift'));
    expect(array_column($cost->void, 'step'))->toEqualCanonicalizing(array_keys($void))
        ->and(array_column($cost->stale, 'reading'))->toEqualCanonicalizing(array_values($stale))
        ->and(array_column($cost->spent, 'part'))->toEqualCanonicalizing(array_keys($spent));
}

/** @param  list<int>  $picks  none of which is a lift */
function builtBy(string|EngineSheet $engine, array $picks, Errand $for = Errand::TopEnd): BuildState
{
    return withAllRead(wandered($engine, array_map(fn (int $pick): int => $pick % 13 === 0 ? $pick + 1 : $pick, $picks), $for));
}

it('undoes with a lift just what its cost has said: steps, readings and parts', function (string $engine) {
    Property::holds(3, [Generators::vector(30, Generators::choose(1, 1000)), Generators::choose(0, 5)], function (array $picks, int $depth) use ($engine): void {
        keepsItsWord(builtBy($engine, $picks), $depth);
    });
})->with(BUILT_DIFFERENTLY);

/**
 * An engine that the generators build, one of the errands that it can have, and what is picked on the way.
 *
 * @return array{EngineSheet, list<int>, Errand}
 */
function anyJob(int $engine, int $way, int $picked): array
{
    $sheet = builtEngine($engine);
    $dice = new EngineDice($way);
    $picks = array_map(static fn (): int => $dice->upTo(1000) + 1, range(1, $picked));

    return [$sheet, $picks, $dice->either(...Errand::on($sheet))];
}

it('can be finished on any engine, for any errand, whatever was done and lifted before', function () {
    Property::holds(10, [Generators::choose(1, 1_000_000), Generators::choose(1, 1_000_000)], function (int $engine, int $way): void {
        [$sheet, $picks, $for] = anyJob($engine, $way, 14);
        $state = finishedFrom(wandered($sheet, $picks, $for));
        $left = array_filter($state->work->steps(), fn (Step $step): bool => $state->work->stateOf($step) !== StepState::Done);
        expect(array_keys($left))->toBe([], "engine $engine, way $way: $for->value");
    });
});

it('keeps its word on what a lift costs on any engine, for any errand', function () {
    Property::holds(12, [Generators::choose(1, 1_000_000), Generators::choose(1, 1_000_000), Generators::choose(0, 5)], function (int $engine, int $way, int $depth): void {
        [$sheet, $picks, $for] = anyJob($engine, $way, 30);
        keepsItsWord(builtBy($sheet, $picks, $for), $depth);
    });
});

it('begins with what comes off and ends with the run-in', function (string $engine) {
    $plan = array_values(Plan::of(demoSheet($engine)));
    $kinds = array_map(fn (Step $step): StepKind => $step->kind, $plan);
    $first = fn (StepKind $kind): int => (int) array_search($kind, $kinds, true);
    expect($first(StepKind::TakeOff))->toBeLessThan($first(StepKind::Clean))
        ->and($first(StepKind::Clean))->toBeLessThan($first(StepKind::Decide))
        ->and($first(StepKind::Decide))->toBeLessThan($first(StepKind::Fit))
        ->and($first(StepKind::Fit))->toBeLessThan($first(StepKind::Start))
        ->and($plan[count($plan) - 1]->kind)->toBe(StepKind::RunIn);
})->with(BUILT_DIFFERENTLY);

it('tells the apprentice why, and the hand how long', function (string $engine) {
    foreach (Plan::of(demoSheet($engine)) as $step) {
        expect($step->words->why)->not->toBe('', $step->id)->and($step->minutes)->toBeGreaterThan(0)->toBeLessThanOrEqual(120)->and($step->words->name)->not->toBe('');
        if ($step->kind === StepKind::Hold) {
            expect($step->asks->items)->not->toBe([]);
        }
    }
})->with(BUILT_DIFFERENTLY);

it('warns where the work can hurt', function (string $engine, string $step, string $word) {
    expect(Plan::of(demoSheet($engine))[$step]->words->caution)->toContain($word);
})->with([
    'a circlip flies' => ['ulvane-139r', 'on.clip-first.1', 'Eye protection'],
    'hot coolant' => ['skarn-594', 'off.head', 'scalds'],
    'a tensioner under its spring' => ['harbick-421', 'off.tensioner', 'spring'],
    'turning with hands in the engine' => ['ostrel-608', 'turn.barrel', 'Hands clear'],
    'sparks over fuel' => ['harbick-421', 'fill.prime', 'sparks'],
    'solvent' => ['ferrant-738', 'clean.head', 'Ventilation'],
    'lifters that have not bled down' => ['pellgrove-1092', 'set.rods.front', 'Do not turn'],
    'the first start' => ['dunmoor-208sv', 'start.first', 'Ventilation'],
]);

it('has every wait of a sheet follow a step of its plan', function (string $engine) {
    $sheet = demoSheet($engine);
    $plan = Plan::of($sheet);
    foreach ($sheet->work->waits as $wait) {
        expect($plan)->toHaveKey($wait->after);
    }
    expect($plan)->not->toBe([]);
})->with(BUILT_DIFFERENTLY);
