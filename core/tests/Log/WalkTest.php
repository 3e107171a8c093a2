<?php

use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Planning\RunningWait;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Sheet\StepKind;

/** Enters act after act as people do: a wait is waited for, and what is refused fails the test. */
function walked(string $sheet): BuildState
{
    $engine = demoSheet($sheet);
    $spots = Catalogue::of($engine);
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'apart'], $at, 'TW')];
    $enter = function (array $act) use (&$entries, &$at, $engine, $spots): void {
        $at = $at->modify('+1 minute');
        $replay = static fn (): BuildState => standing($engine, $entries, $at);
        $before = new Before($engine, $spots, $replay, static fn (string $id): ?Entry => array_column($entries, null, 'id')[$id] ?? null);
        $said = $before->enter($act[0], json_decode(json_encode((object) $act[1])));
        $entries[] = new Entry(sprintf('%04d', count($entries)), $said, $at, 'TW');
    };
    $plan = Plan::of($engine);
    foreach (upTo($engine, array_key_last($plan)) as $act) {
        $waits = array_map(static fn (RunningWait $wait): string => $wait->wait->id, standing($engine, $entries, $at)->work->waits());
        array_map(static fn (string $wait) => $enter(['wait_seen', ['wait' => $wait]]), $waits);
        $isPulled = $act[0] === 'step_done' && $plan[$act[1]['step']]->kind === StepKind::Torque;
        array_map($enter, $isPulled ? pulling($engine, $act[1]['step'], sprintf('%04d', count($entries))) : [$act]);
    }

    return Build::replay($engine, $entries, $at);
}

it('enters the whole order of work of every demo engine by the door that people use, a hold of two seen by two', function (string $sheet) {
    $state = walked($sheet);
    $open = array_filter($state->work->steps(), static fn ($step): bool => ! $state->work->isDone($step) && ! $step->asks->asFound);
    expect(array_keys($open))->toBe([]);
    foreach (array_filter($state->work->steps(), static fn ($step): bool => $step->kind === StepKind::Hold && $step->asks->secondPerson) as $step) {
        expect($state->work->answerers($step->id))->toBe(['TW', 'IC'], $step->id);
    }
})->with(array_map(static fn (string $file): string => basename($file, '.json'), glob(__DIR__.'/../../../database/sheets/*.json')));
