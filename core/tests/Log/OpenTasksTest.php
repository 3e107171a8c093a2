<?php

use Moltrek\Core\Log\Parts\PartOnOrder;
use Moltrek\Core\Log\Planning\OpenTask;
use Moltrek\Core\Log\Planning\OpenTasks;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;

/** @return array<string, OpenTask> by id */
function openTasks(EngineSheet $sheet, array $acts, int $now = 0): array
{
    $state = worked($sheet, $acts, $now);

    return array_column(OpenTasks::of($state, $state->now), null, 'id');
}

it('has every step that is left, each after what it needs, and none that can no longer be read as found', function () {
    // it came in as an engine that is apart
    $tasks = openTasks(demoSheet(), []);
    $work = worked(demoSheet(), [])->work;
    $left = array_filter($work->steps(), fn (Step $step): bool => ! $work->isDone($step) && $step->id !== 'read.compression.1');
    expect(array_diff(array_keys($left), array_keys($tasks)))->toBe([])->and($tasks)->not->toHaveKey('read.compression.1')->not->toHaveKey('off.head')
        ->and($tasks['on.head']->after)->toContain('on.head-gasket', 'hold.head')->and($tasks['on.head']->minutes)->toBe($left['on.head']->minutes)
        ->and($tasks['on.head']->name)->toBe($left['on.head']->words->name);
});

it('names nothing after which a task comes that is not open', function (string $engine, string $last) {
    $sheet = demoSheet($engine);
    foreach ([[], upTo($sheet, $last)] as $acts) {
        $tasks = openTasks($sheet, $acts);
        foreach ($tasks as $task) {
            expect(array_diff($task->after, array_keys($tasks)))->toBe([]);
        }
    }
})->with([['ulvane-139r', 'on.head'], ['harbick-421', 'on.head'], ['pellgrove-1092', 'pull.rockers-front']]);

it('leaves out what is done', function () {
    $tasks = openTasks(demoSheet(), upTo(demoSheet(), 'on.head-gasket'));
    expect($tasks)->not->toHaveKey('on.head-gasket')->and($tasks['on.head']->after)->not->toContain('on.head-gasket');
});

it('puts a wait of the sheet between the step that begins it and the one that needs that', function () {
    $tasks = openTasks(demoSheet('pellgrove-1092'), []);
    $wait = $tasks['wait.bleed-front'];
    expect($wait->step)->toBeNull()->and($wait->after)->toBe(['pull.rockers-front'])->and($wait->minutes)->toBeGreaterThan(0);
    $held = array_filter($tasks, fn (OpenTask $task): bool => in_array('wait.bleed-front', $task->after, true));
    expect($held)->not->toBe([]);
});

it('counts a running wait by what is left of it', function (int $now, int $left) {
    $acts = [['wait_started', ['what' => 'Barrel soaking', 'time' => '30 min', 'seen' => 'the rust wipes off', 'step' => 'clean.barrel']]];
    $tasks = openTasks(demoSheet('harbick-421'), $acts, $now);
    $wait = array_values(array_filter($tasks, fn (OpenTask $task): bool => $task->step === null && $task->name === 'Barrel soaking'))[0];
    expect($wait->minutes)->toBe($left)->and($wait->after)->toBe([])->and($tasks['clean.barrel']->after)->toContain($wait->id);
})->with(['begun' => [0, 30], 'in the middle' => [12, 18], 'over, and not seen' => [45, 0]]);

it('waits for parts with the step that takes them', function () {
    $acts = [['part_ordered', ['part' => 'Base gasket', 'for' => ['on.base-gasket'], 'promised' => '2026-11-27']]];
    $parts = array_map(fn (OpenTask $task): array => array_map(fn (PartOnOrder $part): string => $part->part, $task->parts), openTasks(demoSheet(), $acts));
    expect(array_keys(array_filter($parts)))->toBe(['on.base-gasket'])->and($parts['on.base-gasket'])->toBe(['Base gasket']);
});
