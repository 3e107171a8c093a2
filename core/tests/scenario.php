<?php

use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\GrowingLog;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Torquing\Programme;

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
function happened(int $minute, string $kind, array $payload, ?string $id = null): Entry
{
    $at = (new DateTimeImmutable('2026-11-24T08:00:00Z'))->modify("+$minute minutes");

    return Entry::stored($id ?? sprintf('01900000-0000-7000-8000-%012d', $minute), $kind, json_decode(json_encode((object) $payload)), $at, 'TW');
}

function readingAt(int $minute, string $spot, string|array $reading, array $more = []): Entry
{
    return happened($minute, 'reading_taken', ['spot' => $spot, 'reading' => $reading] + $more);
}

function replayed(Entry ...$entries): BuildState
{
    return Build::replay(demoSheet(), array_values($entries));
}

function apart(): Entry
{
    return happened(0, 'job_opened', ['condition' => 'apart']);
}

/** Every step of the plan from the cleaning on, done in order, one a minute. */
function fitted(): array
{
    $minute = 100;
    $steps = array_filter(replayed()->work->steps(), fn ($step): bool => $step->kind->value !== 'take off' && ! $step->asks->asFound);

    return array_map(function (string $step) use (&$minute): Entry {
        return happened($minute++, 'step_done', ['step' => $step]);
    }, array_keys($steps));
}

/**
 * A build on the stand after these acts, each entered through the door that people enter by. What `upTo` walks is entered once, whole, by
 * WalkTest; here it is taken as stored, or every test would replay every step before every step.
 *
 * @param  list<array{0: string, 1: array<string, mixed>, 2?: int, 3?: string}>  $acts  kind, payload, minutes after the one before, by whom
 */
function worked(EngineSheet $sheet, array $acts, int $now = 0): BuildState
{
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'apart'], $at, 'TW')];
    foreach ($acts as $index => $act) {
        $at = $at->modify('+'.($act[2] ?? 1).' minutes');
        $entries[] = enteredAs(sprintf('%04d', $index + 1), $act, $at, $sheet, $entries);
    }

    return Build::replay($sheet, $entries, $at->modify('+'.$now.' minutes'));
}

/**
 * The build after these entries, folded on from where the call before left it: an act after another does not replay them all.
 *
 * @param  list<Entry>  $entries
 */
function standing(EngineSheet $sheet, array $entries, DateTimeImmutable $at): BuildState
{
    /** @var GrowingLog|null $log */
    static $log = null;
    static $of = null;
    static $known = [];
    if ($log === null || $of !== $sheet || array_slice($entries, 0, count($known)) !== $known) {
        [$log, $of, $known] = [new GrowingLog($sheet, new Basis), $sheet, []];
    }
    array_map($log->add(...), array_slice($entries, count($known)));
    $known = $entries;

    return $log->state($at);
}

/** @param  list<Entry>  $before  nothing: entered whatever stands before it */
function enteredAs(string $id, array $act, DateTimeImmutable $at, EngineSheet $sheet, array $before): Entry
{
    [$kind, $payload] = [$act[0], json_decode(json_encode((object) $act[1]))];
    if (in_array($kind, ['step_done', 'hold_answered', 'wait_seen'], true)) {
        return Entry::stored($id, $kind, $payload, $at, $act[3] ?? 'TW');
    }
    $said = Before::of(standing($sheet, $before, $at))->enter($kind, $payload);

    return new Entry($id, $said, $at, $act[3] ?? 'TW');
}

/**
 * Everything up to and with a step: what two must see is answered by two, what must wait is waited for.
 *
 * @return list<array{0: string, 1: array<string, mixed>, 2?: int, 3?: string}>
 */
function upTo(EngineSheet $sheet, string $last): array
{
    $plan = array_filter(Plan::of($sheet), static fn (Step $step): bool => $step->kind->value !== 'take off' && ! $step->asks->asFound);
    $done = [];
    $do = function (Step $step) use (&$do, &$done, $plan): void {
        array_map($do, array_values(array_diff_key(array_intersect_key($plan, array_flip($step->order->needs)), $done)));
        $done[$step->id] = doing($step);
    };
    foreach ($plan as $id => $step) {
        if (! isset($done[$id])) {
            $do($step);
        }
        if ($id === $last) {
            return array_merge(...array_values($done));
        }
    }
    throw new RuntimeException($last);
}

/** @return list<array{0: string, 1: array<string, mixed>, 2?: int, 3?: string}> what is entered when a step is done as it should be */
function doing(Step $step): array
{
    if ($step->kind !== StepKind::Hold || ! $step->asks->secondPerson) {
        return [['step_done', ['step' => $step->id]]];
    }

    return array_map(static fn (int $item): array => ['hold_answered', ['hold' => $step->id, 'item' => $item, 'second' => 'IC']], array_keys($step->asks->items));
}

/**
 * A joint pulled as it should be, from the beginning to the check pass.
 *
 * @param  string  $run  the id under which its beginning is entered
 * @return list<array{0: string, 1: array<string, mixed>, 2?: int, 3?: string}>
 */
function pulling(EngineSheet $sheet, string $step, string $run): array
{
    $programme = Programme::on($sheet, $step) ?? throw new RuntimeException($step);
    $acts = [['run_started', ['step' => $step, 'programme' => $programme->toArray()]]];
    foreach ($programme->passes as $index => $pass) {
        foreach ($pass->order as $bolt) {
            $acts[] = ['bolt_pulled', ['run' => $run, 'stage' => $index + 1, 'bolt' => $bolt]];
        }
    }

    return $acts;
}

function stateOf(BuildState $state, string $step): string
{
    return $state->work->stateOf($state->work->steps()[$step])->value;
}

/** @return list<string> */
function blockedBy(BuildState $state, string $step): array
{
    return array_map(fn (Blockage $blockage): string => $blockage->kind, $state->work->blockages($state->work->steps()[$step]));
}

/** A reading that fits the form of a place. */
function plausibleReading(Spot $spot): mixed
{
    return match ($spot->form()->value) {
        'leaves' => ['passes' => '0.10 mm', 'refuses' => '0.12 mm'],
        'hole and shaft' => ['hole' => '15.010 mm', 'shaft' => '15.000 mm'],
        'yes or no' => ['answer' => $spot->measurable->taken->good],
        default => match ($spot->measurable->dimension()->value) {
            'pressure' => '900 kPa',
            'volume' => '24.0 cc',
            default => '0.05 mm',
        },
    };
}
