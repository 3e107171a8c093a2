<?php

use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\EntryForm;
use Moltrek\Core\Measuring\Measurable;
use Moltrek\Core\Measuring\Quantities;
use Moltrek\Core\Measuring\Spot;

/** @return array<string, int> how many places of each quantity an engine has, in the order of the hands */
function places(string $engine): array
{
    return array_count_values(array_map(fn (Spot $spot): string => $spot->measurable->key, Catalogue::of(demoSheet($engine))));
}

it('names all that a top end needs', function () {
    $keys = array_map(fn (Measurable $each): string => $each->key, Quantities::all());
    expect($keys)->toContain(
        'bore', 'piston', 'piston_clearance', 'ring_gap', 'ring_side_clearance', 'pin_in_rod', 'pin_in_piston', 'rod_side_clearance', 'rod_play', 'crank_runout',
        'big_end_oil_clearance', 'main_oil_clearance', 'cam_lobe', 'cam_journal', 'crank_end_float', 'valve_guide', 'seat_width', 'spring_length', 'head_flatness', 'barrel_flatness',
        'exhaust_valve_free', 'jets_clear', 'cranking_compression', 'leak_down',
    )->and(array_unique($keys))->toBe($keys);
});

it('says of each what is read how it is taken, what for, with what, and draws it', function (Measurable $each) {
    expect($each->why)->not->toBe('')->and($each->name)->not->toBe('')->and($each->laid->group)->not->toBe('');
    if ($each->taken->form === null) {
        expect($each->taken->sketch)->toBeNull();

        return;
    }
    expect($each->taken->sketch)->not->toBeNull()
        ->and($each->taken->form === EntryForm::YesNo || $each->taken->instruments() !== [])->toBeTrue()
        ->and(array_intersect($each->taken->instruments(), array_keys($each->taken->unsuited)))->toBe([])
        ->and($each->taken->form === EntryForm::YesNo)->toBe($each->taken->good !== null);
})->with(fn () => array_column(array_map(fn (Measurable $each): array => [$each->key, [$each]], Quantities::all()), 1, 0));

it('lays them out on the engine that it is', function (string $engine, array $has, array $hasNot) {
    $places = places($engine);
    foreach ($has as $key => $count) {
        expect($places[$key] ?? 0)->toBe($count, $key);
    }
    foreach ($hasNot as $key) {
        expect($places)->not->toHaveKey($key);
    }
})->with([
    'a two-stroke single: 3 depths on 2 axes, 2 rings, an exhaust valve' => ['ulvane-139r', ['piston' => 1, 'bore' => 6, 'ring_gap' => 2, 'ring_side_clearance' => 2, 'exhaust_valve_free' => 1, 'head_flatness' => 6], ['cam_lobe', 'valve_guide', 'jets_clear', 'main_oil_clearance', 'valve_lash']],
    'two of them' => ['skarn-594', ['piston' => 2, 'bore' => 12, 'ring_gap' => 4, 'exhaust_valve_free' => 2], ['cam_lobe']],
    'a four-stroke single: a gap for both rings and both rails, none for the expander' => ['harbick-421', ['bore' => 6, 'ring_gap' => 4, 'cam_lobe' => 2, 'valve_lash' => 2, 'cam_journal' => 2, 'jets_clear' => 1], ['exhaust_valve_free', 'main_oil_clearance']],
    'four with four valves each on five mains' => ['ostrel-608', ['piston' => 4, 'bore' => 24, 'ring_gap' => 16, 'valve_guide' => 16, 'cam_lobe' => 16, 'valve_lash' => 16, 'main_oil_clearance' => 5, 'big_end_oil_clearance' => 4], ['exhaust_valve_free']],
    'three by pushrods' => ['ferrant-738', ['piston' => 3, 'bore' => 18, 'cam_lobe' => 6, 'valve_lash' => 6], []],
    'side valves' => ['dunmoor-208sv', ['piston' => 1, 'valve_lash' => 2, 'seat_width' => 2], ['exhaust_valve_free']],
]);

it('gives every place an id, a name and a slab of its own engine', function (string $engine) {
    $sheet = demoSheet($engine);
    $spots = Catalogue::of($sheet);
    $state = worked($sheet, []);
    expect(count(array_unique(array_map(fn (Spot $spot): string => $spot->id, $spots))))->toBe(count($spots));
    foreach ($spots as $spot) {
        expect($spot->name)->not->toContain('%')->and($sheet->heightOf($state->readings->slabOf($spot)->id))->not->toBeNull();
    }
})->with(['ulvane-139r', 'skarn-594', 'harbick-421', 'ostrel-608', 'pellgrove-1092', 'ferrant-738', 'brindlecote-812', 'dunmoor-208sv']);

it('expects a reading where the sheet states a limit, and of bore and piston everywhere', function () {
    $expected = array_filter(Catalogue::of(demoSheet('harbick-421')), fn (Spot $spot): bool => $spot->expected);
    $keys = array_values(array_unique(array_map(fn (Spot $spot): string => $spot->measurable->key, $expected)));
    expect($keys)->toContain('piston', 'bore', 'ring_gap', 'valve_lash', 'cam_lobe')->not->toContain('seat_width', 'leak_down');
});

it('says of a wide skirt that a caliper does not reach it', function () {
    expect(Catalogue::all()['piston']->taken->unsuited)->toHaveKey('caliper')->and(Catalogue::all()['piston']->taken->instrument())->toBe('micrometer')
        ->and(Catalogue::all()['rod_play']->taken->instrument())->toBe('');
});
