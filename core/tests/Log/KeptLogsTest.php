<?php

use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Parts\PlannedPart;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;

/** Jobs as they were worked, logged and understood before the log was read chapter by chapter; with the sheets they were worked by. */
function keptLogs(): array
{
    return json_decode(file_get_contents(__DIR__.'/../fixtures/kept-logs.json'));
}

it('replays a log that was kept to the state it had', function (stdClass $job) {
    $entries = array_map(fn (stdClass $entry): Entry => Entry::stored($entry->id, $entry->kind, $entry->payload, new DateTimeImmutable($entry->at), $entry->by), $job->entries);
    $state = Build::replay(EngineSheet::read($job->sheet), $entries, new DateTimeImmutable('2026-11-26T12:00:00Z'));
    $kept = json_decode(json_encode($job->state), true);
    $next = $state->nextMove();

    expect(array_map(fn (Reading $reading): string => $reading->text, $state->readings->all()))->toEqual($kept['readings'])
        ->and(array_map(fn ($assessment): ?string => $assessment->verdict?->state->value, $state->verdicts->all()))->toEqual($kept['verdicts'])
        ->and(array_map(fn (Step $step): string => $state->work->stateOf($step)->value, $state->work->steps()))->toEqual($kept['steps'])
        ->and(array_combine(array_column($state->sheet->stack->slabs, 'id'), array_map(fn (Slab $slab): string => $state->slabs->of($slab)->value, $state->sheet->stack->slabs)))->toEqual($kept['slabs'])
        ->and(array_column(PlannedPart::all($state), 'state', 'part'))->toEqual($kept['parts'])
        ->and([$next->kind, $next->id])->toBe($kept['next'])
        ->and(array_map(fn (Entry $entry): string => $entry->said->words($state), $entries))->toBe($kept['slip']);
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
