<?php

use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Parts\PlannedPart;
use Moltrek\Core\Planning\PartKind;
use Moltrek\Core\Planning\ReuseClass;
use Moltrek\Core\Planning\StepState;

/** @param  list<array{0: string, 1: array<string, mixed>}>  $acts */
function harbickWith(array $acts): BuildState
{
    return worked(demoSheet('harbick-421'), $acts);
}

function partOf(BuildState $state, string $name): ?PlannedPart
{
    return array_values(array_filter(PlannedPart::all($state), fn (PlannedPart $part): bool => $part->part === $name))[0] ?? null;
}

it('follows a part from the plan to the engine and off it again', function (array $acts, string $state, bool $wrong, ?string $why) {
    $part = partOf(harbickWith($acts), 'Base gasket');
    expect([$part->state, $part->wrong, $part->why])->toBe([$state, $wrong, $why]);
})->with([
    'the plan takes it' => [[], 'needed', false, null],
    'ordered' => [[['part_ordered', ['part' => 'Base gasket', 'promised' => '2026-12-01', 'for' => []]]], 'ordered', false, null],
    'arrived' => [[['part_ordered', ['part' => 'Base gasket', 'for' => []]], ['part_arrived', ['part' => 'Base gasket']]], 'arrived', false, 'arrived'],
    'came wrong' => [[['part_arrived', ['part' => 'Base gasket']], ['part_wrong', ['part' => 'Base gasket', 'reason' => 'oil way missing']]], 'needed', true, 'oil way missing'],
    'ordered again after that' => [[['part_wrong', ['part' => 'Base gasket', 'reason' => 'too thin']], ['part_ordered', ['part' => 'Base gasket', 'for' => []]]], 'ordered', false, null],
    'from the shelf' => [[['part_taken', ['part' => 'Base gasket']]], 'arrived', false, 'from the shelf'],
]);

it('counts a part as fitted with its step, spent with the lift, and here again with the next', function () {
    $fitted = upTo(demoSheet('harbick-421'), 'on.barrel');
    expect(partOf(harbickWith($fitted), 'Base gasket')->state)->toBe('fitted');
    $lifted = [...$fitted, ['slab_lifted', ['slab' => 'barrel']]];
    expect(partOf(harbickWith($lifted), 'Base gasket'))->state->toBe('spent')->why->toBe('lifted: barrel, piston, rings');
    $another = [...$lifted, ['part_taken', ['part' => 'Base gasket']]];
    expect(partOf(harbickWith($another), 'Base gasket')->state)->toBe('arrived');
    expect(partOf(harbickWith([...$another, ['step_done', ['step' => 'on.base-gasket']]]), 'Base gasket')->state)->toBe('fitted');
});

it('holds up just the step that takes a part that is not here', function (array $act, string $why) {
    $state = harbickWith([...upTo(demoSheet('harbick-421'), 'on.clip-second.1'), $act]);
    $step = $state->work->steps()['on.base-gasket'];
    expect($state->work->stateOf($step))->toBe(StepState::Blocked)->and($state->work->blockages($step)[0]->why)->toBe($why);
    $others = array_filter($state->work->steps(), fn ($other): bool => $other->id !== 'on.base-gasket' && in_array('part', array_map(fn ($blockage) => $blockage->kind, $state->work->blockages($other)), true));
    expect(array_keys($others))->toBe([]);
})->with([
    'on order' => [['part_ordered', ['part' => 'Base gasket', 'for' => []]], 'It waits for base gasket.'],
    'wrong' => [['part_wrong', ['part' => 'Base gasket', 'reason' => 'oil way missing']], 'Base gasket came wrong: oil way missing.'],
]);

it('lists what nobody planned as well', function () {
    $state = harbickWith([['part_ordered', ['part' => 'Rocker shaft', 'promised' => '2026-12-02', 'for' => ['on.cam']]]]);
    expect(partOf($state, 'Rocker shaft'))->state->toBe('ordered')->oneUse->toBeFalse()->promised->toBe('2026-12-02')->for->toBe(['on.cam']);
    expect(partOf(harbickWith([['part_arrived', ['part' => 'Rocker shaft']]]), 'Rocker shaft')->state)->toBe('arrived');
});

it('knows what may go back', function (string $part, ReuseClass $class, bool $mayGoBack) {
    $rule = PartKind::named($part)?->reuse();
    expect([$rule?->class, $rule?->class->mayGoBack()])->toBe([$class, $mayGoBack])->and(PartKind::named('Rocker shaft'))->toBeNull();
})->with([
    ['Circlips, cylinder 2', ReuseClass::OneUse, false],
    ['Base gasket', ReuseClass::OneUse, false],
    ['Head gasket or O-rings', ReuseClass::OneUse, false],
    ['Ring set', ReuseClass::OneUse, false],
    ['Rod bolts', ReuseClass::OneUse, false],
    ['Oil filter', ReuseClass::OneUse, false],
    ['Cover gasket', ReuseClass::ReuseIf, true],
    ['Tensioner gasket', ReuseClass::ReuseIf, true],
    ['Copper washer of the drain', ReuseClass::ReuseIf, true],
    ['Tube seals, front cylinder', ReuseClass::RenewedThoughGood, true],
    ['Exhaust valve seals', ReuseClass::RenewedThoughGood, true],
    ['Dowels of the old barrel', ReuseClass::CarriedOver, true],
    ['Studs', ReuseClass::CarriedOver, true],
]);

it('gives every part of every plan a class and a reason', function (string $engine) {
    foreach (PlannedPart::all(worked(demoSheet($engine), [])) as $part) {
        expect($part->reuse?->condition)->not->toBe('', $part->part)->and($part->for)->not->toBe([]);
    }
})->with(['ulvane-139r', 'skarn-594', 'harbick-421', 'ostrel-608', 'pellgrove-1092', 'ferrant-738', 'brindlecote-812', 'dunmoor-208sv']);

it('takes from a decision on a bore what it asks for', function (array $decision, string $part, string $engine = 'harbick-421') {
    $sheet = demoSheet($engine);
    $decided = ['bore_decided', $decision];
    $state = worked($sheet, [$decided]);
    $planned = partOf($state, $part);
    expect($planned?->state)->toBe('needed')->and($planned?->for)->toBe(['work.piston.'.$decision['cylinder']]);
    $waiting = worked($sheet, [...upTo($sheet, 'order.parts'), $decided, ['part_ordered', ['part' => $part, 'for' => []]]]);
    expect(stateOf($waiting, 'work.piston.'.$decision['cylinder']))->toBe('blocked')->and(stateOf($waiting, 'work.faces'))->toBe('ready');
    $here = worked($sheet, [...upTo($sheet, 'order.parts'), $decided, ['part_arrived', ['part' => $part]], ['step_done', ['step' => 'work.piston.'.$decision['cylinder']]]]);
    expect(partOf($here, $part)?->state)->toBe('fitted');
})->with([
    'an oversize: its piston' => [['cylinder' => '1', 'decision' => 'rebore', 'size' => '+0.25'], 'Piston +0.25'],
    'of one of several' => [['cylinder' => '2', 'decision' => 'rebore', 'size' => '+0.50'], 'Piston +0.50, right cylinder', 'brindlecote-812'],
    'another barrel' => [['cylinder' => '1', 'decision' => 'replace'], 'Barrel'],
]);

it('asks for nothing where the bore is kept or honed, or the decision was struck out', function () {
    $names = fn (array $acts): array => array_map(fn (PlannedPart $part): string => $part->part, PlannedPart::all(harbickWith($acts)));
    $plain = $names([]);
    $rebore = ['bore_decided', ['cylinder' => '1', 'decision' => 'rebore', 'size' => '+0.25']];
    expect($names([['bore_decided', ['cylinder' => '1', 'decision' => 'keep']]]))->toBe($plain)
        ->and($names([['bore_decided', ['cylinder' => '1', 'decision' => 'hone']]]))->toBe($plain)
        ->and($names([$rebore, ['entry_struck', ['entry' => '0001', 'reason' => 'misread']]]))->toBe($plain)
        ->and($names([$rebore, ['bore_decided', ['cylinder' => '1', 'decision' => 'rebore', 'size' => '+0.50']]]))->toContain('Piston +0.50')->not->toContain('Piston +0.25');
});
