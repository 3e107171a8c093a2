<?php

use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Planning\FormerSteps;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;

/** Jobs as they were worked, logged and understood before the log was read chapter by chapter; with the sheets they were worked by. */
function keptLogs(): array
{
    return json_decode(file_get_contents(__DIR__.'/../fixtures/kept-logs.json'));
}

/** What the slip says of each entry but of steps, which have found better words. */
function toldBut(array $entries, BuildState $state): array
{
    return array_map(fn (Entry $entry): string => $entry->said->words($state), array_filter($entries, fn (Entry $entry): bool => $entry->kind() !== 'step_done'));
}

it('replays a log that was kept to the state it had', function (stdClass $job) {
    $entries = array_map(fn (stdClass $entry): Entry => Entry::stored($entry->id, $entry->kind, $entry->payload, new DateTimeImmutable($entry->at), $entry->by), $job->entries);
    $state = Build::replay(EngineSheet::read($job->sheet), $entries, new DateTimeImmutable('2026-11-26T12:00:00Z'));
    $kept = json_decode(json_encode($job->state), true);
    $done = array_keys(array_filter($kept['steps'], fn (string $step): bool => $step === 'done'));
    $now = array_intersect_key($state->work->steps(), array_flip(array_merge(...array_map(fn (string $id): array => FormerSteps::now($id, $state->sheet), $done), ...[[]])));
    $open = array_filter($now, fn (Step $step): bool => ! $state->work->isDone($step));
    $verdicts = array_map(fn ($assessment): ?string => $assessment->verdict?->state->value, $state->verdicts->all());

    expect(array_map(fn (Reading $reading): string => $reading->text, $state->readings->all()))->toEqual($kept['readings'])
        ->and(array_intersect_key($verdicts, $kept['verdicts']))->toEqual($kept['verdicts'])
        ->and(array_keys($open))->toBe([], 'what was done under its name of before is done')
        ->and(array_keys(array_filter($kept['slabs'], fn (string $slab): bool => $slab === 'off')))->toBe(array_column(array_filter($state->sheet->stack->slabs, fn (Slab $slab): bool => ! $state->slabs->of($slab)->isInPlace()), 'id'))
        ->and($state->nextMove()->kind)->not->toBe('')
        ->and(toldBut($entries, $state))->toBe(array_intersect_key($kept['slip'], toldBut($entries, $state)));
})->with(fn () => array_map(fn (stdClass $job): array => [$job], array_column(keptLogs(), null, 'job')));

it('keeps what it cannot read, and goes on', function () {
    $job = array_column(keptLogs(), null, 'job')[214];
    $entries = array_map(fn (stdClass $entry): Entry => Entry::stored($entry->id, $entry->kind, $entry->payload, new DateTimeImmutable($entry->at), $entry->by), $job->entries);
    $at = new DateTimeImmutable('2026-11-26T09:00:00Z');
    $odd = [
        Entry::stored('x1', 'part_ordered', (object) ['part' => 'Ring set', 'promised' => '2026-30-11', 'for' => []], $at, 'TW'),
        Entry::stored('x2', 'engine_painted', (object) ['colour' => 'red'], $at, 'TW'),
        Entry::stored('x3', 'reading_taken', (object) ['spot' => 'piston.1', 'reading' => ['passes' => '1 mm']], $at, 'TW'),
        Entry::stored('x4', 'note_written', 'only a text', $at, 'TW'),
    ];
    $state = Build::replay(EngineSheet::read($job->sheet), [...$entries, ...$odd], new DateTimeImmutable('2026-11-26T12:00:00Z'));
    expect($state->parts->onOrder())->toBe([])->and($state->nextMove()->kind)->not->toBe('')
        ->and(count($state->entries))->toBe(count($entries) + 4)
        ->and($state->entries[count($entries) + 3]->said->words($state))->toBe('Cannot be read by this version: note written');
});
