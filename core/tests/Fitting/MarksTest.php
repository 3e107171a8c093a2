<?php

use Moltrek\Core\Fitting\GradeProof;
use Moltrek\Core\Fitting\MarkKind;
use Moltrek\Core\Fitting\MarkPlace;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Fitting\MarkedPart;
use Moltrek\Core\Refusal\Refusal;

function groupA(): Moltrek\Core\Sheet\Grade
{
    // 66.165 to 66.170 mm
    return MarkPlace::on(demoSheet('ostrel-608'))['piston.1']->grade('A');
}

/** @param  list<array{0: string, 1: array<string, mixed>}>  $acts */
function marked(array $acts): array
{
    return MarkedPart::all(worked(demoSheet('ostrel-608'), $acts));
}

it('knows what a sheet sorts by mark', function (string $engine, array $counts) {
    $kinds = array_map(fn (MarkPlace $place): string => $place->kind->value, array_values(MarkPlace::on(demoSheet($engine))));
    expect(array_count_values($kinds))->toEqual($counts);
})->with([
    'four cylinders on five mains, all sorted' => ['ostrel-608', ['piston' => 4, 'bore' => 4, 'case at main' => 5, 'crank at main' => 5, 'rod' => 4, 'crankpin' => 4]],
    'nothing sorted' => ['ulvane-139r', []],
    'plain bearings, but no table' => ['brindlecote-812', []],
]);

it('proves a mark by reading', function (array $readings, string $state, ?string $side) {
    $verdict = GradeProof::of(groupA(), ...$readings);
    expect([$verdict->state->value, $verdict->side?->value])->toBe([$state, $side]);
})->with([
    'inside the group, doubt and all' => [[Interval::around(66_167_500, 2_000)], 'within', null],
    'its very end belongs to it' => [[Interval::around(66_170_000, 0)], 'within', null],
    'the doubt reaches past the end' => [[Interval::around(66_170_000, 2_000)], 'unsure', 'high'],
    'a group too large' => [[Interval::around(66_176_000, 2_000)], 'out', 'high'],
    'worn below its mark' => [[Interval::around(66_160_000, 2_000)], 'out', 'low'],
    'one reading of several outside' => [[Interval::around(66_167_000, 500), Interval::around(66_180_000, 500)], 'out', 'high'],
    'not read yet' => [[], 'unknown', null],
]);

it('takes only marks that the place can carry', function (string $place, string $mark, string $allowed) {
    expect(fn () => MarkPlace::on(demoSheet('ostrel-608'))[$place]->refuseOther($mark))->toThrow(function (Refusal $refusal) use ($allowed): void {
        expect($refusal->field)->toBe('mark')->and($refusal->allowed)->toContain($allowed);
    });
})->with([
    'a group that is not in the table' => ['piston.1', 'C', 'one of A, B'],
    'small letters are other marks' => ['bore.2', 'a', 'one of A, B'],
    'a letter where a number is stamped' => ['case_at_main.1', 'B', 'a whole number from 0 to 99'],
    'a number below nothing' => ['rod.1', '-1', 'a whole number from 0 to 99'],
    'half a number' => ['crankpin.1', '1.5', 'a whole number from 0 to 99'],
]);

it('asks the two marks for a shell', function (array $marks, string $proof, ?int $code, ?string $colour) {
    $acts = array_map(fn (string $place, string $mark): array => ['mark_read', ['place' => $place, 'mark' => $mark]], array_keys($marks), $marks);
    $shell = MarkedPart::shells(worked(demoSheet('ostrel-608'), $acts))[$proof];
    expect([$shell?->code, $shell?->colour])->toBe([$code, $colour]);
})->with([
    'mains: 5 − 2 − 1' => [['case_at_main.1' => '5', 'crank_at_main.1' => '2'], 'main_oil_clearance.1', 2, 'black'],
    'rods have an offset of their own: 3 − 1 − 0' => [['rod.1' => '3', 'crankpin.1' => '1'], 'big_end_oil_clearance.1', 2, 'black'],
    'the least there is: 2 − 1 − 1' => [['case_at_main.2' => '2', 'crank_at_main.2' => '1'], 'main_oil_clearance.2', 0, 'green'],
    'a code without a colour: 9 − 1 − 1' => [['case_at_main.3' => '9', 'crank_at_main.3' => '1'], 'main_oil_clearance.3', 7, null],
    'below the table: 1 − 3 − 0' => [['rod.2' => '1', 'crankpin.2' => '3'], 'big_end_oil_clearance.2', -2, null],
    'one mark is not enough' => [['case_at_main.4' => '5'], 'main_oil_clearance.4', null, null],
]);

it('drops a mark with the part that carried it, and no other', function (array $act, array $gone) {
    $places = ['piston.1' => 'A', 'piston.2' => 'B', 'bore.1' => 'A', 'bore.2' => 'B', 'case_at_main.1' => '5', 'rod.1' => '3'];
    $acts = array_map(fn (string $place, string $mark): array => ['mark_read', ['place' => $place, 'mark' => $mark]], array_keys($places), $places);
    $left = array_filter(marked([...$acts, ['act_done', $act]]), fn (MarkedPart $part): bool => $part->mark !== null);
    expect(array_keys($left))->toEqualCanonicalizing(array_values(array_diff(array_keys($places), $gone)));
})->with([
    'another piston in the first' => [['act' => 'piston changed', 'cylinder' => '1'], ['piston.1']],
    'the second bore bored' => [['act' => 'bore bored', 'cylinder' => '2'], ['bore.2']],
    'the second bore honed' => [['act' => 'bore honed', 'cylinder' => '2'], ['bore.2']],
    'another crank' => [['act' => 'other cases or crank'], ['case_at_main.1', 'rod.1']],
    'a ring filed' => [['act' => 'ring filed', 'cylinder' => '1', 'ring' => 'top'], []],
]);

it('reads the whole bore before it believes the mark', function () {
    $mark = ['mark_read', ['place' => 'bore.1', 'mark' => 'A']];
    $read = fn (string $place, string $size): array => ['reading_taken', ['spot' => 'bore.1.'.$place, 'reading' => $size]];
    expect(marked([$mark])['bore.1']->proof->state->value)->toBe('unknown')
        ->and(marked([$mark, $read('across.10', '66.204 mm')])['bore.1']->proof->state->value)->toBe('within')
        ->and(marked([$mark, $read('across.10', '66.204 mm'), $read('across.60', '66.212 mm')])['bore.1']->proof->words)->toBe('Out, larger than its mark');
});

it('counts what the gauge was set with', function () {
    $gauge = fn (string $id, string $doubt): array => ['id' => $id, 'name' => $id, 'doubt' => $doubt];
    // 66.203 ± √(2² + 1²) = 2.2 µm lies inside 66.200 to 66.206; with a setting of ± 3 µm it does not
    $read = fn (string $setting): array => ['reading_taken', ['spot' => 'bore.1.across.10', 'reading' => ['setting' => '66.2 mm', 'deviation' => '0.003 mm'], 'tool' => $gauge('b1', '0.002 mm'), 'set_with' => $gauge('r1', $setting)]];
    $mark = ['mark_read', ['place' => 'bore.1', 'mark' => 'A']];
    expect(marked([$mark, $read('0.001 mm')])['bore.1']->proof->state->value)->toBe('within')
        ->and(marked([$mark, $read('0.003 mm')])['bore.1']->proof->state->value)->toBe('unsure');
});

it('admits a mark and tells it', function () {
    $state = worked(demoSheet('ostrel-608'), [['mark_read', ['place' => 'crank_at_main.2', 'mark' => '3']]]);
    expect(($state->entries[1])->said->words($state))->toBe('Crank at main 2: marked 3');
    expect(fn () => (Before::of($state))->enter('mark_read', (object) ['place' => 'tank', 'mark' => '3']))->toThrow(function (Refusal $refusal): void {
        expect($refusal->field)->toBe('place');
    });
});

it('says which kinds of mark count in a code', function () {
    expect(array_map(fn (MarkKind $kind): bool => $kind->counts(), MarkKind::cases()))->toBe([false, false, true, true, true, true]);
});
