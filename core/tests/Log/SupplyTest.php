<?php

use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Parts\Supplied;
use Moltrek\Core\Log\Parts\Supply;
use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Scheduling\OpenDays;
use Moltrek\Core\Scheduling\OpeningHours;

/** Open Monday to Friday. */
function weekdays(): OpenDays
{
    $hours = array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], ['08:00-12:00']);

    return OpenDays::of(OpeningHours::read(Fields::of(json_decode((string) json_encode(['hours' => $hours])), 'hours')));
}

/** @return array<string, LaidPieces> */
function joint(string ...$names): array
{
    $pieces = array_map(static fn (string $name): array => ['name' => $name, 'thickness' => '0.25 mm'], $names);

    return ['base-gasket' => new LaidPieces(LaidPieces::readAll(Fields::of(json_decode((string) json_encode(['pieces' => $pieces])), 'pieces'), 'pieces'), false, true)];
}

/** @return list<string> */
function supplyOf(array $acts, array $joints, array $shelf): array
{
    $state = worked(demoSheet(), $acts);

    return array_map(static fn (Supplied $each): string => $each->inWords(), Supply::of($state, $joints, $shelf, Day::of('2026-11-26'), weekdays()));
}

it('takes off the shelf what lies there and orders the rest, and gets nothing twice', function (array $acts, array $names, array $shelf, array $expected) {
    expect(supplyOf($acts, joint(...$names), $shelf))->toBe($expected);
})->with([
    'on the shelf' => [[], ['Paper 0.25'], ['Paper 0.25' => 2], ['Paper 0.25 from the shelf']],
    'not on the shelf, and no day stated' => [[], ['Paper 0.25'], [], ['Paper 0.25 ordered']],
    // its maker states three days: Thursday, and over the weekend to Tuesday
    'not on the shelf, in so many days' => [[], ['Base gasket 0.40'], [], ['Base gasket 0.40 ordered, promised for Tue 1 Dec']],
    'one on the shelf, two wanted' => [[], ['Paper 0.25', 'Paper 0.25'], ['Paper 0.25' => 1], ['Paper 0.25 from the shelf', 'Paper 0.25 ordered']],
    'on order already' => [[['part_ordered', ['part' => 'Paper 0.25']]], ['Paper 0.25'], ['Paper 0.25' => 2], []],
    'here already' => [[['part_taken', ['part' => 'Paper 0.25']]], ['Paper 0.25'], ['Paper 0.25' => 2], []],
    'one here, two wanted' => [[['part_taken', ['part' => 'Paper 0.25']]], ['Paper 0.25', 'Paper 0.25'], ['Paper 0.25' => 2], ['Paper 0.25 from the shelf']],
    'what lies there already' => [[], ['Base gasket 0.50'], ['Base gasket 0.50' => 1], []],
    'nothing is to lie there' => [[], [], ['Paper 0.25' => 1], []],
]);

it('comes with its decision into the parts of the job, and goes with it', function (array $supply, array $here, array $onOrder) {
    $decided = ['thickness_decided', ['joints' => [['slab' => 'base-gasket', 'pieces' => [['name' => 'Paper 0.25', 'thickness' => '0.25 mm']]]], 'supplies' => [$supply]]];
    $state = worked(demoSheet(), [$decided]);
    expect([$state->parts->here(), array_map(static fn (?Day $day): ?string => $day?->text, array_column($state->parts->onOrder(), 'promised', 'part'))])->toBe([$here, $onOrder]);
    $struck = worked(demoSheet(), [$decided, ['entry_struck', ['entry' => '0001', 'reason' => 'another']]]);
    expect([$struck->parts->here(), $struck->parts->onOrder(), $struck->thicknesses->decidedAt('base-gasket')])->toBe([[], [], null]);
})->with([
    'from the shelf' => [['part' => 'Paper 0.25', 'for' => 'base-gasket', 'from' => 'shelf'], ['Paper 0.25' => 'from the shelf'], []],
    'ordered' => [['part' => 'Paper 0.25', 'for' => 'base-gasket', 'from' => 'order', 'promised' => '2026-11-27'], [], ['Paper 0.25' => '2026-11-27']],
]);

it('replays a decision of before, which took nothing by itself, as it was', function () {
    $state = worked(demoSheet(), [['thickness_decided', ['joints' => [['slab' => 'base-gasket', 'pieces' => [['name' => 'Paper 0.25', 'thickness' => '0.25 mm']]]]]]]);
    expect([$state->parts->here(), $state->parts->onOrder()])->toBe([[], []]);
});
