<?php

use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Torquing\Pass;
use Moltrek\Core\Torquing\Programme;

/** A head of four bolts at the corners, 1 and 2 at the bottom from the left, 3 and 4 at the top; two more on its right. */
function fourBolts(array $stages, array $more = []): EngineSheet
{
    return demoSheet('dunmoor-208sv', function (stdClass $sheet) use ($stages, $more): void {
        $bolt = fn (string $id, int $x, int $y, array $other = []): array => ['id' => $id, 'slab' => 'head', 'x' => "$x mm", 'y' => "$y mm", 'thread' => 'M8x1.25'] + $other;
        $changed = json_decode(json_encode($more + [
            'fasteners' => [
                $bolt('1', -40, -40), $bolt('2', 40, -40), $bolt('3', -40, 40), $bolt('4', 40, 40),
                $bolt('5', 70, -10, ['group' => 'small']), $bolt('6', 70, 10, ['group' => 'small']),
            ],
            'programmes' => [
                ['group' => 'head', 'stages' => $stages, 'source' => 'engine maker'],
                ['group' => 'small', 'stages' => [['kind' => 'torque', 'figure' => '9 N·m']], 'source' => 'engine maker'],
            ],
        ]));
        foreach ($changed as $key => $value) {
            $sheet->{$key} = $value;
        }
    });
}

/** @return list<string> what is done in each pass, and in which order */
function passes(EngineSheet $sheet, string $step, Aim $aim = Aim::Middle): array
{
    return array_map(static fn (Pass $pass): string => $pass->words().': '.implode(' ', $pass->order), Programme::on($sheet, $step, $aim)->passes ?? []);
}

it('takes the groups of a joint one after another, each to its check pass', function () {
    $sheet = fourBolts([['kind' => 'torque', 'figure' => '10 N·m', 'order' => ['1', '4', '2', '3']], ['kind' => 'torque', 'figure' => '20 N·m']]);
    expect(passes($sheet, 'pull.head'))->toBe([
        '10 N·m: 1 4 2 3', '20 N·m: 1 4 2 3', 'check pass at 20 N·m: 1 4 2 3', '9 N·m: 5 6', 'check pass at 9 N·m: 5 6',
    ]);
});

it('reads every kind of stage as the manual prints it', function (array $stages, array $expected) {
    expect(array_slice(passes(fourBolts($stages), 'pull.head'), 0, -2))->toBe($expected);
})->with([
    'a range in its own unit' => [[['kind' => 'torque', 'min' => '15 lbf·ft', 'max' => '18 lbf·ft', 'order' => ['1', '2', '3', '4']]], ['15 lbf·ft to 18 lbf·ft: 1 2 3 4', 'check pass at 15 lbf·ft to 18 lbf·ft: 1 2 3 4']],
    'an angle, whose check is a look' => [[['kind' => 'torque', 'figure' => '20 N·m', 'order' => ['1', '4', '2', '3']], ['kind' => 'angle', 'figure' => '90 deg']], ['20 N·m: 1 4 2 3', '90° from there: 1 4 2 3', 'check pass: looked over, none has moved: 1 4 2 3']],
    'all eased, then less than before' => [[['kind' => 'torque', 'figure' => '30 N·m', 'order' => ['1', '4', '2', '3']], ['kind' => 'loosen', 'how' => 'all'], ['kind' => 'torque', 'figure' => '20 N·m']],
        ['30 N·m: 1 4 2 3', 'all eased: 3 2 4 1', '20 N·m: 1 4 2 3', 'check pass at 20 N·m: 1 4 2 3']],
    'eased and drawn one at a time' => [[['kind' => 'torque', 'figure' => '20 N·m', 'order' => ['1', '4', '2', '3']], ['kind' => 'loosen', 'how' => 'one at a time', 'figure' => '24 N·m']], ['20 N·m: 1 4 2 3', 'eased and drawn to 24 N·m, one at a time: 1 4 2 3', 'check pass at 24 N·m: 1 4 2 3']],
    'snug alone' => [[['kind' => 'snug', 'order' => ['1', '4', '2', '3']]], ['snug, no figure: 1 4 2 3', 'check pass: looked over, none has moved: 1 4 2 3']],
    'a stage over some of them' => [[['kind' => 'torque', 'figure' => '20 N·m', 'order' => ['1', '4', '2', '3']], ['kind' => 'torque', 'figure' => '25 N·m', 'order' => ['4', '3']], ['kind' => 'check', 'figure' => '20 N·m', 'order' => ['1', '4', '2', '3']]], ['20 N·m: 1 4 2 3', '25 N·m: 4 3', 'check pass at 20 N·m: 1 4 2 3']],
]);

it('goes crosswise where the maker gives no order', function () {
    [$first] = passes(fourBolts([['kind' => 'torque', 'figure' => '20 N·m']]), 'pull.head');
    // each second one across from the first: 1 with 4, 2 with 3
    expect(in_array($first, ['20 N·m: 1 4 3 2', '20 N·m: 1 4 2 3', '20 N·m: 2 3 1 4', '20 N·m: 2 3 4 1'], true))->toBeTrue($first);
});

it('aims in a range where the shop wants it', function (Aim $aim, float $figure) {
    $programme = Programme::on(fourBolts([['kind' => 'torque', 'min' => '20 N·m', 'max' => '24 N·m']]), 'pull.head', $aim);
    expect($programme?->passes[0]->target?->figure)->toBe($figure);
})->with([[Aim::Low, 20.0], [Aim::Middle, 22.0], [Aim::High, 24.0]]);

it('mirrors one bank for the other, left for right', function () {
    // front: f1 and f2 at the bottom from the left, f3 and f4 at the top; its order is f1 f4 f2 f3
    expect(passes(demoSheet('pellgrove-1092'), 'pull.head-rear')[0])->toBe('16 N·m: r2 r3 r1 r4');
});

it('stops and asks where a sheet contradicts itself', function (array $stages, array $more, string $field, string $message) {
    try {
        fourBolts($stages, $more);
        $read = 'nothing refused';
    } catch (Refusal $refusal) {
        $read = $refusal->field.': '.$refusal->getMessage();
    }
    expect($read)->toStartWith($field.': ')->toContain($message);
})->with(function () {
    $good = [['kind' => 'torque', 'figure' => '20 N·m']];
    $programme = fn (array $change): array => ['programmes' => [$change + ['group' => 'head', 'stages' => $good, 'source' => 'engine maker']]];

    return [
        'a first stage above the last' => [[['kind' => 'torque', 'figure' => '30 N·m'], ['kind' => 'torque', 'figure' => '20 N·m']], [], 'programmes.0.stages.1', 'less than the one before it, 30 N·m'],
        'the same in two units' => [[['kind' => 'torque', 'figure' => '20 lbf·ft'], ['kind' => 'torque', 'figure' => '25 N·m']], [], 'programmes.0.stages.1', 'less than the one before it'],
        'two figures for one bolt in a stage' => [[['kind' => 'torque', 'figure' => '20 N·m', 'min' => '18 N·m', 'max' => '22 N·m']], [], 'programmes.0.stages.0.figure', 'Two figures'],
        'two programmes for one group' => [$good, ['programmes' => [['group' => 'head', 'stages' => $good, 'source' => 'a'], ['group' => 'head', 'stages' => $good, 'source' => 'b']]], 'programmes.1.group', 'Two programmes'],
        'a bolt twice in a stage' => [[['kind' => 'torque', 'figure' => '20 N·m', 'order' => ['1', '2', '1']]], [], 'programmes.0.stages.0.order', 'twice'],
        'a bolt that is not there' => [[['kind' => 'torque', 'figure' => '20 N·m', 'order' => ['1', '9']]], [], 'programmes.0.stages.0.order', 'not what is needed'],
        'a group that is not there' => [$good, $programme(['group' => 'roof']), 'programmes.0.group', 'not what is needed'],
        'an angle from nothing' => [[['kind' => 'angle', 'figure' => '90 deg']], [], 'programmes.0.stages.0', 'from snug'],
        'an angle in newton metres' => [[['kind' => 'snug'], ['kind' => 'angle', 'figure' => '90 N·m']], [], 'programmes.0.stages.1.figure', ''],
        'a torque without a figure' => [[['kind' => 'torque']], [], 'programmes.0.stages.0.figure', 'missing'],
        'a snug stage with one' => [[['kind' => 'snug', 'figure' => '5 N·m']], [], 'programmes.0.stages.0.figure', 'without a figure'],
        'a range upside down' => [[['kind' => 'torque', 'min' => '24 N·m', 'max' => '20 N·m']], [], 'programmes.0.stages.0.min', 'cross'],
        'a torque of nothing' => [[['kind' => 'torque', 'figure' => '0 N·m']], [], 'programmes.0.stages.0.figure', ''],
        'no stages' => [$good, $programme(['stages' => []]), 'programmes.0.stages', 'missing'],
        'a mirror with stages of its own' => [$good, $programme(['mirrors' => 'small']), 'programmes.0.mirrors', 'either'],
        'a mirror of what is not alike' => [$good, ['programmes' => [['group' => 'head', 'stages' => $good, 'source' => 'a'], ['group' => 'small', 'mirrors' => 'head', 'source' => 'a']]], 'programmes.1.mirrors', 'do not lie on each other'],
        'a group in two steps' => [$good, ['fasteners' => [
            ['id' => '1', 'slab' => 'head', 'x' => '0 mm', 'y' => '0 mm', 'thread' => 'M8x1.25', 'group' => 'head'],
            ['id' => '2', 'slab' => 'head', 'x' => '9 mm', 'y' => '0 mm', 'thread' => 'M8x1.25', 'group' => 'head', 'pulled_in' => 'pull.wheel'],
        ], 'programmes' => []], 'fasteners.1.pulled_in', 'one step'],
    ];
});

it('has no programme for a joint of which a group lacks one', function () {
    $sheet = fourBolts([], ['programmes' => [['group' => 'small', 'stages' => [['kind' => 'snug']], 'source' => 'shop']]]);
    expect(Programme::on($sheet, 'pull.head'))->toBeNull()->and(Programme::on($sheet, 'pull.rotor'))->toBeNull();
});

it('is the same once written and read again', function (string $engine, string $step) {
    $programme = Programme::on(demoSheet($engine), $step);
    $again = Programme::read(Moltrek\Core\Document\Fields::of(json_decode(json_encode($programme?->toArray())), ...Programme::payload()->names()));
    expect($again->toArray())->toBe($programme?->toArray())
        ->and(array_map(static fn (Pass $pass): string => $pass->words().implode(' ', $pass->order), $again->passes))
        ->toBe(array_map(static fn (Pass $pass): string => $pass->words().implode(' ', $pass->order), $programme->passes ?? []));
})->with([['ostrel-608', 'pull.head'], ['harbick-421', 'pull.head'], ['pellgrove-1092', 'pull.head-rear'], ['ulvane-139r', 'pull.rotor'], ['brindlecote-812', 'on.rod-cap.2']]);
