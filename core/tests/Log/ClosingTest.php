<?php

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Closing\Compressions;
use Moltrek\Core\Log\Closing\FirstStart;
use Moltrek\Core\Log\Closing\Hiss;
use Moltrek\Core\Log\Closing\LeakGaugeRead;
use Moltrek\Core\Log\Closing\LeakTest;
use Moltrek\Core\Log\Closing\Proofs;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;

/** Everything done as far as a step that stands at the end, and what was entered after it. */
function closedUpTo(string $engine, string $last, array $acts = [], int $now = 0): BuildState
{
    $sheet = demoSheet($engine);
    $before = array_filter(upTo($sheet, $last), fn (array $act): bool => ($act[1]['step'] ?? '') !== $last);
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'apart'], $at, 'TW')];
    foreach (array_values([...$before, ...$acts]) as $index => $act) {
        $at = $at->modify('+'.($act[2] ?? 1).' minutes');
        $entries[] = enteredAs(sprintf('%04d', $index + 1), $act, $at, $sheet, $entries);
    }

    return Build::replay($sheet, $entries, $at->modify("+$now minutes"));
}

function gauge(float $pressure, ?string $after): array
{
    return ['leak_gauge_read', ['pressure' => "$pressure kPa"] + ($after === null ? ['starts' => true] : ['after' => $after])];
}

it('proves the cases by a gauge that is read several times', function () {
    $test = fn (array ...$acts) => closedUpTo('ulvane-139r', Proofs::LEAK, $acts)->proofs->leakTest();
    expect($test(gauge(46, null))->headline())->toBe('Running: read the gauge again')
        // 1.9 kPa in two minutes are 0.95 a minute, and 7 in 6 minutes are allowed: 1.17
        ->and($test(gauge(46, null), gauge(44.1, '2 min'))->headline())->toBe('So far 0.9 kPa a minute: read on to 6 min')
        ->and($test(gauge(46, null), gauge(43, '2 min'))->headline())->toBe('Leaks: 1.5 kPa a minute')
        ->and($test(gauge(40, null), gauge(38, '6 min'))->headline())->toBe('Begun too low: pumped to 45 kPa it says something')
        ->and($test(gauge(46, null), gauge(39, '6 min'))->headline())->toBe('Holds: 1.2 kPa a minute');
    $state = closedUpTo('ulvane-139r', Proofs::LEAK, [gauge(46, null), gauge(39, '6 min')]);
    expect(stateOf($state, Proofs::LEAK))->toBe('done');
    $leaking = closedUpTo('ulvane-139r', Proofs::LEAK, [gauge(46, null), gauge(39, '6 min'), gauge(46, null), gauge(30, '2 min')]);
    expect(stateOf($leaking, Proofs::LEAK))->not->toBe('done')->and($leaking->proofs->leakTests())->toHaveCount(2)
        ->and($leaking->proofs->leakTest()->says())->toContain('look at the rig first');
});

it('proves a joint no more that was opened since, and still where only a side cover was', function () {
    $test = fn (string $slab) => closedUpTo('ulvane-139r', Proofs::LEAK, [gauge(46, null), gauge(43, '2 min'), ['slab_lifted', ['slab' => $slab]]])->proofs->leakTest()->staleBecause;
    expect($test('head'))->toBe('lifted: head')->and($test('rotor-cover'))->toBeNull();
});

it('counts by the clock where nobody says how long it has been', function () {
    $state = closedUpTo('ulvane-139r', Proofs::LEAK, [gauge(46, null), ['leak_gauge_read', ['pressure' => '44 kPa'], 4]]);
    expect($state->proofs->leakTest()->elapsed())->toBe(240.0)->and($state->proofs->leakTest()->perMinute())->toBe(0.5);
});

it('names the exhaust valve only where there is one', function () {
    $says = fn (string $engine): string => closedUpTo($engine, Proofs::LEAK, [gauge(50, null), gauge(45, '2 min')])->proofs->leakTest()->says();
    $without = demoSheet('ulvane-139r', function (stdClass $sheet): void {
        $sheet->exhaust_valve = 'blanked off';
    });
    $state = new Proofs($without);
    foreach ([['pressure' => '50 kPa', 'starts' => true], ['pressure' => '45 kPa', 'after' => '2 min']] as $index => $payload) {
        $said = LeakGaugeRead::read(Fields::of((object) $payload, ...LeakGaugeRead::payload()->names()));
        $state->readLeak($said, new Entry((string) $index, $said, new DateTimeImmutable('2026-11-24T08:00:00Z'), 'TW'));
    }
    expect(LeakTest::before(demoSheet('skarn-594')))->toContain('crosses the seal between them')->and(LeakTest::before($without))->not->toContain('exhaust valve')->not->toContain('between them');
    expect($says('skarn-594'))->toContain('shaft of the exhaust valve')->toContain('the one between the cases')->and($state->leakTest()->says())->not->toContain('exhaust valve');
});

it('refuses at the end what cannot be', function (string $engine, array $act, string $field, string $why) {
    expect(fn () => closedUpTo($engine, 'on.head', [$act]))->toThrow(function (Refusal $refusal) use ($field, $why): void {
        expect($refusal->toArray()['field'])->toBe($field)->and($refusal->getMessage().' '.$refusal->toArray()['allowed'])->toContain($why);
    });
})->with([
    'a second reading without a first' => ['ulvane-139r', ['leak_gauge_read', ['pressure' => '40 kPa']], 'starts', 'No test has been begun'],
    'cases of a four-stroke' => ['harbick-421', ['leak_gauge_read', ['pressure' => '40 kPa', 'starts' => true]], 'pressure', 'breathe'],
    'seals blown out' => ['ulvane-139r', ['leak_gauge_read', ['pressure' => '300 kPa', 'starts' => true]], 'pressure', 'at most 100 kPa'],
    'held more than supplied' => ['harbick-421', ['leak_down_read', ['cylinder' => '1', 'supply' => '700 kPa', 'held' => '710 kPa', 'hisses' => []]], 'held', 'No more is held than is supplied'],
    'heard at no such place' => ['harbick-421', ['leak_down_read', ['cylinder' => '1', 'supply' => '700 kPa', 'held' => '600 kPa', 'hisses' => ['tail light']]], 'hisses', 'one of inlet, exhaust'],
    'litres for millilitres' => ['harbick-421', ['fluid_filled', ['fluid' => 'engine oil', 'amount' => '19 L']], 'amount', 'a slip of the unit'],
    'water into an engine cooled by air' => ['harbick-421', ['fluid_filled', ['fluid' => 'coolant', 'amount' => '1 L']], 'fluid', 'cooled by air'],
    'started before its hold' => ['harbick-421', ['start_seen', ['item' => 'sound', 'right' => true]], 'item', 'the hold before the first start stands'],
    'nothing of the first start' => ['harbick-421', ['start_seen', ['item' => 'paint', 'right' => true]], 'item', 'one of pressure, sound'],
    'cold that was not warm' => ['harbick-421', ['heat_cycle', ['stage' => 'cold']], 'stage', 'It has not been warmed through'],
    'more hours than a week has' => ['harbick-421', ['run_in_planned', ['hours_per_week' => 200]], 'hours_per_week', 'at most 168'],
    'nothing that was asked for' => ['harbick-421', ['recheck_done', ['recheck' => 'x']], 'recheck', 'still to be looked at'],
    'a winner that was not tried' => ['ulvane-139r', ['trial_decided', ['trial' => 'Insert', 'variant' => '12 cc', 'because' => 'x']], 'variant', 'a variant that was tried'],
]);

it('takes as much as somebody is sure of', function () {
    $state = closedUpTo('harbick-421', 'fill.oil', [['fluid_filled', ['fluid' => 'engine oil', 'amount' => '3 L', 'sure' => true]]]);
    expect(stateOf($state, 'fill.oil'))->toBe('done');
});

it('is done with leak-down when every cylinder was read and none is out', function () {
    $read = fn (string $cylinder, int $held, array $hisses = []): array => ['leak_down_read', ['cylinder' => $cylinder, 'supply' => '700 kPa', 'held' => "$held kPa", 'hisses' => $hisses]];
    // of 700: 665 loses 5 %, 574 loses 18 %, 490 loses 30 %
    $state = closedUpTo('ferrant-738', Proofs::LEAK_DOWN, [$read('1', 665), $read('2', 574, ['oil filler'])]);
    expect($state->proofs->leakDownState('1'))->toBe('within')->and($state->proofs->leakDownState('2'))->toBe('worn')->and(stateOf($state, Proofs::LEAK_DOWN))->not->toBe('done');
    expect(stateOf(closedUpTo('ferrant-738', Proofs::LEAK_DOWN, [$read('1', 665), $read('2', 574), $read('3', 490, ['exhaust'])]), Proofs::LEAK_DOWN))->not->toBe('done')
        ->and(stateOf(closedUpTo('ferrant-738', Proofs::LEAK_DOWN, [$read('1', 665), $read('2', 574), $read('3', 651)]), Proofs::LEAK_DOWN))->toBe('done');
});

it('hears only where this engine can be heard', function (string $engine, array $where) {
    expect(array_column(Hiss::on(demoSheet($engine)), 'value'))->toBe($where);
})->with([
    'air-cooled triple' => ['ferrant-738', ['inlet', 'exhaust', 'oil filler', 'next cylinder', 'head joint']],
    'liquid-cooled four' => ['ostrel-608', ['inlet', 'exhaust', 'oil filler', 'radiator', 'next cylinder', 'head joint']],
    'a V has no cylinder beside' => ['pellgrove-1092', ['inlet', 'exhaust', 'oil filler', 'head joint']],
]);

it('tells rings from valves by oil on the crown', function () {
    $dry = fn (string $cylinder, int $kpa): array => ['reading_taken', ['spot' => "cranking_compression.$cylinder", 'reading' => "$kpa kPa"]];
    $state = closedUpTo('ferrant-738', Proofs::LEAK_DOWN, [$dry('1', 1000), $dry('2', 800), $dry('3', 990), ['compression_wet', ['cylinder' => '2', 'pressure' => '960 kPa']]]);
    $all = new Compressions($state);
    [, $middle] = $state->sheet->layout->cylinders;
    // (1000 − 800) / 1000
    expect($all->spreadAfter())->toBe(0.2)->and($all->spreadState())->toBe('out')->and($all->says($middle))->toContain('past the rings')
        ->and($all->verdict($middle)?->state->value)->toBe('out');
    $valve = closedUpTo('ferrant-738', Proofs::LEAK_DOWN, [$dry('2', 800), ['compression_wet', ['cylinder' => '2', 'pressure' => '840 kPa']]]);
    expect((new Compressions($valve))->says($middle))->toContain('a valve or the head joint')->and((new Compressions($valve))->spreadAfter())->toBeNull();
});

it('looks at everything of the first start, and again at what was not right', function () {
    $seen = fn (string $item, bool $right = true): array => ['start_seen', ['item' => $item] + ($right ? ['right' => true] : ['note' => 'weeps'])];
    $items = array_keys(FirstStart::items(demoSheet('ferrant-738')));
    expect($items)->toBe(['pressure', 'sound', 'leaks', 'smoke', 'charging', 'stops']);
    $all = array_map($seen, $items);
    expect(stateOf(closedUpTo('ferrant-738', FirstStart::STEP, $all), FirstStart::STEP))->toBe('done');
    $weeping = closedUpTo('ferrant-738', FirstStart::STEP, [...$all, $seen('leaks', false)]);
    expect(stateOf($weeping, FirstStart::STEP))->not->toBe('done')->and($weeping->proofs->wrongAtStart())->toHaveCount(1);
    expect(stateOf(closedUpTo('ferrant-738', FirstStart::STEP, [...$all, $seen('leaks', false), $seen('leaks')]), FirstStart::STEP))->toBe('done');
});

it('warms an engine through as often as its sheet asks, cold in between', function () {
    $warm = ['heat_cycle', ['stage' => 'warm', 'temperature' => '85 degC']];
    $cold = ['heat_cycle', ['stage' => 'cold'], 260];
    $once = closedUpTo('harbick-421', 'run.heat', [$warm], 30);
    expect($once->work->waits()[0]->wait->name ?? null)->toBe('Cooling right down')->and($once->runIn->isWarm())->toBeTrue();
    expect(stateOf(closedUpTo('harbick-421', 'run.heat', [$warm, $cold]), 'run.heat'))->not->toBe('done');
    $twice = closedUpTo('harbick-421', 'run.heat', [$warm, $cold, $warm, $cold]);
    expect($twice->runIn->cycles())->toBe(2)->and(stateOf($twice, 'run.heat'))->toBe('done')->and($twice->work->waits())->toBe([]);
});

it('counts re-checks from the day a machine goes out, sooner of hours and days', function () {
    $plan = ['run_in_planned', ['hours_per_week' => 4, 'stages' => [['until' => '2 h', 'throttle' => 'half']], 'rechecks' => [['what' => 'Oil changed', 'hours' => '6 h'], ['what' => 'Clearance', 'hours' => '40 h', 'days' => 30]]]];
    $state = closedUpTo('harbick-421', 'run.sheet', [$plan]);
    expect(stateOf($state, 'run.sheet'))->toBe('done')->and($state->runIn->due()[0]->due($state->closing->handedOver()))->toBeNull();
    $out = closedUpTo('harbick-421', 'run.sheet', [$plan, ['handed_over', []]]);
    $day = fn (int $index): string => $out->runIn->due()[$index]->due($out->closing->handedOver())->diff($out->closing->handedOver()->at)->format('%a');
    // 6 h at 4 h a week: 10.5 days, the eleventh; 40 h would be 70 days, thirty come first
    expect($day(0))->toBe('11')->and($day(1))->toBe('30');
    $id = $out->runIn->due()[0]->id;
    $seen = closedUpTo('harbick-421', 'run.sheet', [$plan, ['handed_over', []], ['recheck_done', ['recheck' => $id, 'note' => 'clean']]]);
    expect($seen->runIn->due())->toHaveCount(1)->and($seen->runIn->all())->toHaveCount(2);
});

it('keeps what was tried beside what stays, and why', function () {
    $tried = fn (string $variant, string $found): array => ['trial_made', ['trial' => 'Insert', 'variant' => $variant, 'found' => $found]];
    $state = closedUpTo('ulvane-139r', 'on.head', [$tried('12.2 cm³', 'pinks'), $tried('12.6 cm³', 'clean'), ['trial_decided', ['trial' => 'Insert', 'variant' => '12.6 cm³', 'because' => 'no pinking on the hill']]]);
    expect($state->trials->variantsOf('Insert'))->toBe(['12.2 cm³', '12.6 cm³'])->and($state->trials->decidedBy('Insert')?->said->words($state))->toContain('12.6 cm³, no pinking');
});

it('says how much goes in where the sheet states it, in step and hold alike', function (EngineSheet $sheet, array $said) {
    $plan = Plan::of($sheet);
    $names = implode(' | ', array_map(fn (Step $step): string => $step->words->name.' '.implode(' ', $step->asks->items), array_values($plan)));
    foreach ($said as $words) {
        expect($names)->toContain($words);
    }
})->with([
    'a four-stroke single' => [fn (): EngineSheet => demoSheet('harbick-421'), ['Oil in, 1.9 L of 10W-40', 'Oil level read, 1.9 L of 10W-40', 'nothing stops it, the cylinder holds no oil or fuel', 'Warmed through 2 times']],
    'a two-stroke' => [fn (): EngineSheet => demoSheet('ulvane-139r'), ['coolant in, 900 cm³', 'Oil in the fuel', 'Warmed through 3 times']],
]);

it('refuses sheets that contradict themselves at the end', function (string $path, callable $change) {
    expect(fn () => demoSheet('harbick-421', $change))->toThrow(fn (Refusal $refusal) => expect($refusal->toArray()['field'])->toBe($path));
})->with([
    ['fluids.1.fluid', fn (stdClass $sheet) => $sheet->fluids = [(object) ['fluid' => 'engine oil', 'capacity' => '1 L'], (object) ['fluid' => 'engine oil', 'capacity' => '2 L']]],
    ['fluids.0.fluid', fn (stdClass $sheet) => $sheet->fluids = [(object) ['fluid' => 'coolant', 'capacity' => '1 L']]],
    ['fluids.0.capacity', fn (stdClass $sheet) => $sheet->fluids = [(object) ['fluid' => 'engine oil', 'capacity' => '0 L']]],
    ['tests.leak_down.limit', fn (stdClass $sheet) => $sheet->tests = (object) ['leak_down' => (object) ['limit' => 0.3, 'service' => 0.2]]],
    ['tests.compression_spread', fn (stdClass $sheet) => $sheet->tests = (object) ['compression_spread' => 10]],
    ['run_in.stages.1.until', fn (stdClass $sheet) => $sheet->run_in->stages = [(object) ['until' => '5 h', 'throttle' => 'half'], (object) ['until' => '2 h', 'throttle' => 'half']]],
    ['run_in.rechecks.0', fn (stdClass $sheet) => $sheet->run_in->rechecks = [(object) ['what' => 'oil']]],
    ['valve_train.setting.rod_lengths.left', fn (stdClass $sheet) => $sheet->valve_train->setting->rod_lengths = (object) ['left' => '200 mm']],
    ['valve_train.setting.shims.from', fn (stdClass $sheet) => $sheet->valve_train->setting->shims = (object) ['from' => '3 mm', 'to' => '2 mm', 'step' => '0.05 mm']],
    ['valve_train.setting.rods', fn (stdClass $sheet) => $sheet->valve_train->setting->rods = (object) ['preload' => '3 mm', 'per_inch' => 24, 'pitch' => '1 mm', 'bleed_down' => '20 min']],
    ['valve_train.setting.rods.preload.min', fn (stdClass $sheet) => $sheet->valve_train->setting->rods = (object) ['preload' => (object) ['min' => '4 mm', 'max' => '3 mm'], 'per_inch' => 24, 'bleed_down' => '20 min']],
]);
