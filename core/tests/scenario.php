<?php

use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryKind;
use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Sheet\EngineSheet;

/** The machines of the demo shop, as the core tests take them. */
function sheetDocument(string $name): stdClass
{
    return json_decode(file_get_contents(__DIR__.'/../../database/sheets/'.$name.'.json'));
}

/** @param  (callable(stdClass): mixed)|null  $change what another sheet would state */
function demoSheet(string $name = 'ulvane-139r', ?callable $change = null): EngineSheet
{
    $document = sheetDocument($name);
    if ($change !== null) {
        $change($document);
    }

    return EngineSheet::read($document);
}

/** An entry that happened this many minutes into the morning. */
function happened(int $minute, EntryKind $kind, array $payload, ?string $id = null): Entry
{
    return new Entry($id ?? sprintf('01900000-0000-7000-8000-%012d', $minute), $kind, json_decode(json_encode((object) $payload)), (new DateTimeImmutable('2026-11-24T08:00:00Z'))->modify("+$minute minutes"), 'TW');
}

function readingAt(int $minute, string $spot, string|array $reading, array $more = []): Entry
{
    return happened($minute, EntryKind::ReadingTaken, ['spot' => $spot, 'reading' => $reading] + $more);
}

function replayed(Entry ...$entries): BuildState
{
    return Build::replay(demoSheet(), array_values($entries));
}

function apart(): Entry
{
    return happened(0, EntryKind::JobOpened, ['condition' => 'apart']);
}

/** Every step of the plan from the cleaning on, done in order, one a minute. */
function fitted(): array
{
    $minute = 100;
    $steps = array_filter(replayed()->steps(), fn ($step): bool => $step->kind->value !== 'take off' && ! str_starts_with($step->id, 'as-found'));

    return array_map(function (string $step) use (&$minute): Entry {
        return happened($minute++, EntryKind::StepDone, ['step' => $step]);
    }, array_keys($steps));
}

/** @param  list<array{0: EntryKind, 1: array<string, mixed>, 2?: int}>  $acts kind, payload, minutes after the one before */
function worked(EngineSheet $sheet, array $acts, int $now = 0): BuildState
{
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [new Entry('0', EntryKind::JobOpened, (object) ['condition' => 'apart'], $at, 'TW')];
    foreach ($acts as $index => $act) {
        $at = $at->modify('+'.($act[2] ?? 1).' minutes');
        $entries[] = new Entry(sprintf('%04d', $index + 1), $act[0], json_decode(json_encode((object) $act[1])), $at, 'TW');
    }

    return Build::replay($sheet, $entries, $at->modify('+'.$now.' minutes'));
}

/** Everything up to and with a step, holds and all. @return list<array{0: EntryKind, 1: array<string, mixed>}> */
function upTo(EngineSheet $sheet, string $last): array
{
    $acts = [];
    foreach (Plan::of($sheet) as $id => $step) {
        if ($step->kind->value !== 'take off' && ! str_starts_with($id, 'as-found')) {
            $acts[] = [EntryKind::StepDone, ['step' => $id]];
        }
        if ($id === $last) {
            return $acts;
        }
    }
    throw new RuntimeException($last);
}

function stateOf(BuildState $state, string $step): string
{
    return $state->stepState($state->steps()[$step])->value;
}

/** @return list<string> */
function blockedBy(BuildState $state, string $step): array
{
    return array_map(fn (Blockage $blockage): string => $blockage->kind, $state->blockages($state->steps()[$step]));
}
