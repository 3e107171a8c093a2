<?php

use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\School;

/** @param  array<string, string>  $schools */
function keptBySheet(array $schools): EngineSheet
{
    return demoSheet('harbick-421', fn (stdClass $sheet) => $sheet->schools = (object) $schools);
}

/**
 * @param  array<string, string>  $habits
 * @param  list<array{0: string, 1: array<string, mixed>}>  $acts
 */
function openedWith(EngineSheet $sheet, array $habits, array $acts = []): BuildState
{
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'apart', 'schools' => (object) $habits], $at, 'IC')];
    foreach ($acts as $index => $act) {
        $entries[] = Entry::stored('a'.$index, $act[0], (object) $act[1], $at = $at->modify('+1 minute'), 'TW');
    }

    return Build::replay($sheet, $entries, $at);
}

const CHOSEN_BARE = ['school_chosen', ['matter' => 'base_gasket', 'school' => 'bare']];

it('lets the build rule over the sheet, the sheet over the shop, the shop over what is usual', function (array $sheet, array $habits, array $acts, string $school, string $whose) {
    $state = openedWith(keptBySheet($sheet), $habits, $acts);
    expect($state->schools->of(School::all()['base_gasket']))->toBe([$school, $whose])
        ->and($state->work->steps()['on.base-gasket']->words->how)->toBe("Base gasket: $school.");
})->with([
    'nobody has said anything' => [[], [], [], 'bare', 'usual'],
    'the shop' => [[], ['base_gasket' => 'grease'], [], 'grease', 'shop'],
    'the sheet' => [['base_gasket' => 'copper spray'], ['base_gasket' => 'grease'], [], 'copper spray', 'sheet'],
    'the build' => [['base_gasket' => 'copper spray'], ['base_gasket' => 'grease'], [CHOSEN_BARE], 'bare', 'chosen'],
]);

it('keeps the habits that the shop had when the job was opened', function () {
    $state = openedWith(demoSheet('harbick-421'), ['base_gasket' => 'grease'], upTo(demoSheet('harbick-421'), 'on.base-gasket'));
    expect($state->work->isSettled('base_gasket'))->toBeTrue()->and($state->schools->of(School::all()['base_gasket'])[0])->toBe('grease');
});

it('is no longer changed once what it changes is done', function () {
    $sheet = demoSheet('harbick-421');
    $open = Before::of(worked($sheet, upTo($sheet, 'on.clip-second.1')));
    $open->enter('school_chosen', (object) CHOSEN_BARE[1]);
    $done = Before::of(worked($sheet, upTo($sheet, 'on.base-gasket')));
    expect(fn () => $done->enter('school_chosen', (object) CHOSEN_BARE[1]))->toThrow(function (Refusal $refusal): void {
        expect($refusal->field)->toBe('matter');
    });
});

it('can be changed again when the step is undone', function () {
    $sheet = demoSheet('harbick-421');
    $state = worked($sheet, [...upTo($sheet, 'on.barrel'), ['slab_lifted', ['slab' => 'barrel']]]);
    (Before::of($state))->enter('school_chosen', (object) CHOSEN_BARE[1]);
    expect($state->work->isSettled('base_gasket'))->toBeFalse();
});

it('refuses a school that nobody keeps, wherever it stands', function (callable $state, string $field) {
    expect($state)->toThrow(function (Refusal $refusal) use ($field): void {
        expect($refusal->field)->toBe($field);
    });
})->with([
    'a matter, in a sheet' => [fn () => keptBySheet(['paint' => 'red']), 'schools.paint'],
    'a school, in a sheet' => [fn () => keptBySheet(['base_gasket' => 'glue']), 'schools.base_gasket'],
    'at the opening' => [fn () => (Before::of(worked(demoSheet('harbick-421'), [])))->enter('job_opened', json_decode('{"condition":"whole","schools":{"wash":"rain"}}')), 'schools.wash'],
]);

it('says for and against of every option, and names a step that it changes on some engine', function (School $school) {
    expect(count($school->options))->toBeGreaterThan(1)->and($school->default())->toBe(array_key_first($school->options));
    foreach ($school->options as $option) {
        expect($option['for'])->not->toBe('')->and($option['against'])->not->toBe('');
    }
    $engines = ['ulvane-139r', 'skarn-594', 'harbick-421', 'ostrel-608', 'pellgrove-1092', 'ferrant-738', 'brindlecote-812', 'dunmoor-208sv'];
    $touched = array_filter($engines, fn (string $engine): bool => array_filter(Plan::of(demoSheet($engine)), fn (Step $step): bool => $step->isDoneBy($school->matter)) !== []);
    expect($touched)->not->toBe([]);
})->with(fn () => array_map(fn (School $school): array => [$school], School::all()));
