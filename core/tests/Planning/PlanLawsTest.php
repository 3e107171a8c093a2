<?php

use Eris\Generators;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryKind;
use Moltrek\Core\Planning\LiftCost;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepKind;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Tests\Property;

const BUILT_DIFFERENTLY = ['ulvane-139r', 'skarn-594', 'harbick-421', 'ostrel-608', 'pellgrove-1092', 'ferrant-738', 'brindlecote-812', 'dunmoor-208sv'];

/**
 * A job worked in any order that the plan allows, with lifts in between: each number picks what is done next.
 *
 * @param  list<int>  $picks
 */
function wandered(string $engine, array $picks): BuildState
{
    $sheet = demoSheet($engine);
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [new Entry('0', EntryKind::JobOpened, (object) ['condition' => 'apart'], $at, 'TW')];
    $state = Build::replay($sheet, $entries, $at);
    foreach ($picks as $index => $pick) {
        $at = $at->modify('+20 minutes');
        $next = $state->nextSteps();
        $slabs = array_slice($sheet->slabs, 1);
        $entries[] = $pick % 13 === 0 || $next === []
            ? new Entry("e$index", EntryKind::SlabLifted, (object) ['slab' => $slabs[$pick % count($slabs)]->id], $at, 'TW')
            : new Entry("e$index", EntryKind::StepDone, (object) ['step' => $next[$pick % count($next)]], $at, 'TW');
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
        $next = $state->nextSteps()[0] ?? null;
        $wait = $state->waits()[0]->wait->id ?? null;
        if ($next === null && $wait === null) {
            return $state;
        }
        $entries[] = $next === null ? new Entry("w$count", EntryKind::WaitSeen, (object) ['wait' => $wait], $at, 'TW') : new Entry("f$count", EntryKind::StepDone, (object) ['step' => $next], $at, 'TW');
        $state = Build::replay($state->sheet, $entries, $at);
    }

    return $state;
}

it('never offers a step whose needs are open, whatever was done and lifted before', function (string $engine) {
    Property::holds(4, [Generators::vector(24, Generators::choose(0, 1000))], function (array $picks) use ($engine): void {
        $state = wandered($engine, $picks);
        foreach ($state->nextSteps() as $id) {
            $step = $state->steps()[$id];
            expect($state->openNeeds($step))->toBe([])->and($state->blockages($step))->toBe([])->and($state->isDone($step))->toBeFalse();
        }
    });
})->with(BUILT_DIFFERENTLY);

it('can be finished from wherever it stands', function (string $engine) {
    Property::holds(2, [Generators::vector(16, Generators::choose(0, 1000))], function (array $picks) use ($engine): void {
        $state = finishedFrom(wandered($engine, $picks));
        $left = array_filter($state->steps(), fn (Step $step): bool => $state->stepState($step) !== StepState::Done);
        expect(array_keys($left))->toBe([]);
    });
})->with(['ulvane-139r', 'harbick-421', 'pellgrove-1092', 'dunmoor-208sv']);

it('gives every step one state, and that the one its needs allow', function (string $engine) {
    Property::holds(3, [Generators::vector(20, Generators::choose(0, 1000))], function (array $picks) use ($engine): void {
        $state = wandered($engine, $picks);
        foreach ($state->steps() as $step) {
            $open = $state->openNeeds($step);
            match ($state->stepState($step)) {
                StepState::Ready => expect($open)->toBe([])->and($state->blockages($step))->toBe([]),
                StepState::Open => expect($open)->not->toBe([]),
                StepState::Blocked => expect($open)->toBe([])->and($state->blockages($step))->not->toBe([]),
                StepState::Done => expect($state->isDone($step))->toBeTrue(),
                StepState::Void => expect($state->isDone($step))->toBeFalse(),
            };
        }
    });
})->with(['skarn-594', 'ferrant-738', 'ostrel-608']);

it('undoes with a lift just what its cost has said', function (string $engine) {
    Property::holds(4, [Generators::vector(30, Generators::choose(1, 1000)), Generators::choose(0, 5)], function (array $picks, int $depth) use ($engine): void {
        $state = wandered($engine, array_map(fn (int $pick): int => $pick % 13 === 0 ? $pick + 1 : $pick, $picks));
        $sheet = $state->sheet;
        $height = $depth % (count($sheet->slabs) - 1);
        $cost = LiftCost::to($state, $height);
        $begun = array_filter($state->steps(), fn (Step $step): bool => $step->kind->isAssembly() && ($state->isDone($step) || $state->voidBecause($step) !== null)) !== [];
        if ($cost->comesOff === [] || ! $begun) {
            expect($cost->minutes)->toBeGreaterThanOrEqual(0);

            return;
        }
        $lift = new Entry('lift', EntryKind::SlabLifted, (object) ['slab' => $sheet->slabs[$height + 1]->id], $state->now->modify('+1 minute'), 'TW');
        $after = Build::replay($sheet, [...$state->entries, $lift], $state->now->modify('+1 minute'));
        $undone = array_filter($state->steps(), fn (Step $step): bool => $state->isDone($step) && $step->kind->isAssembly() && ! $after->isDone($step));
        expect(array_keys($undone))->toEqualCanonicalizing(array_column($cost->void, 'step'));
    });
})->with(['ulvane-139r', 'harbick-421', 'ferrant-738']);

it('begins with what comes off and ends with the run-in', function (string $engine) {
    $plan = array_values(Plan::of(demoSheet($engine)));
    $kinds = array_map(fn (Step $step): StepKind => $step->kind, $plan);
    $first = fn (StepKind $kind): int => (int) array_search($kind, $kinds, true);
    expect($first(StepKind::TakeOff))->toBeLessThan($first(StepKind::Clean))
        ->and($first(StepKind::Clean))->toBeLessThan($first(StepKind::Measure))
        ->and($first(StepKind::Measure))->toBeLessThan($first(StepKind::Fit))
        ->and($first(StepKind::Fit))->toBeLessThan($first(StepKind::Start))
        ->and($plan[count($plan) - 1]->kind)->toBe(StepKind::RunIn);
})->with(BUILT_DIFFERENTLY);

it('tells the apprentice why, and the hand how long', function (string $engine) {
    foreach (Plan::of(demoSheet($engine)) as $step) {
        expect($step->why)->not->toBe('', $step->id)->and($step->minutes)->toBeGreaterThan(0)->toBeLessThanOrEqual(120)->and($step->name)->not->toBe('');
        if ($step->kind === StepKind::Hold) {
            expect($step->asks)->not->toBe([]);
        }
    }
})->with(BUILT_DIFFERENTLY);

it('warns where the work can hurt', function (string $engine, string $step, string $word) {
    expect(Plan::of(demoSheet($engine))[$step]->caution)->toContain($word);
})->with([
    'a circlip flies' => ['ulvane-139r', 'circlip-first.1', 'Eye protection'],
    'hot coolant' => ['skarn-594', 'drain', 'scalds'],
    'a tensioner under its spring' => ['harbick-421', 'tensioner-out', 'spring'],
    'turning with hands in the engine' => ['ostrel-608', 'turned', 'Hands clear'],
    'sparks over fuel' => ['harbick-421', 'primed', 'sparks'],
    'solvent' => ['ferrant-738', 'clean.head', 'Ventilation'],
    'lifters that have not bled down' => ['pellgrove-1092', 'rods-spin.front', 'Do not turn'],
    'the first start' => ['dunmoor-208sv', 'first-start', 'Ventilation'],
]);

it('has every wait of a sheet follow a step of its plan', function (string $engine) {
    $sheet = demoSheet($engine);
    $plan = Plan::of($sheet);
    foreach ($sheet->waits as $wait) {
        expect($plan)->toHaveKey($wait->after);
    }
    expect($plan)->not->toBe([]);
})->with(BUILT_DIFFERENTLY);
