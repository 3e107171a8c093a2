<?php

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\NeighbouringWork;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\OwnStep;
use Moltrek\Core\Sheet\StepKind;

it('offers only what the engine has', function (string $engine, array $has, array $hasNot) {
    $offered = array_column(NeighbouringWork::on(demoSheet($engine)), 'value');
    expect(array_intersect($has, $offered))->toBe($has)->and(array_intersect($hasNot, $offered))->toBe([]);
})->with([
    'a two-stroke with water' => ['skarn-594', ['reed valve', 'coolant drained', 'gear oil'], ['oil drained', 'oil pump']],
    'a four-stroke with air' => ['harbick-421', ['oil drained', 'oil pump'], ['reed valve', 'coolant drained', 'gear oil']],
    'splash' => ['dunmoor-208sv', ['oil drained'], ['oil pump']],
]);

it('goes into every plan: off before anything comes apart, on before the first start, a look before what closes', function (string $engine) {
    $sheet = demoSheet($engine);
    foreach (Errand::on($sheet) as $errand) {
        $plan = Plan::of($sheet, new Basis([$errand]));
        foreach (NeighbouringWork::on($sheet) as $work) {
            $own = $work->steps($sheet, $plan);
            $with = Plan::of($sheet, new Basis([$errand], own: $own));
            $ids = array_column($own, 'id');
            $last = end($ids);
            expect(array_diff($ids, array_keys($with)))->toBe([]);
            foreach ($with as $id => $step) {
                if ($step->kind === StepKind::TakeOff && $id !== $ids[0]) {
                    expect(comesBefore($with, $ids[0], $id))->toBeTrue("$work->value before $id");
                }
                if ($step->kind === StepKind::Start) {
                    expect(comesBefore($with, $last, $id))->toBeTrue("$work->value before $id");
                }
            }
            foreach (count($ids) > 2 ? [$ids[1]] : [] as $hold) {
                expect($with[$hold]->kind)->toBe(StepKind::Hold)->and($with[$hold]->asks->items)->not->toBe([])
                    ->and($with[$last]->order->needs)->toContain($hold);
            }
        }
    }
})->with(['ulvane-139r', 'harbick-421', 'pellgrove-1092', 'dunmoor-208sv']);

/** @param  array<string, Step>  $plan */
function comesBefore(array $plan, string $first, string $later): bool
{
    $open = $plan[$later]->order->needs;
    $seen = [];
    while ($open !== []) {
        $id = array_pop($open);
        if ($id === $first) {
            return true;
        }
        if (! isset($seen[$id])) {
            $seen[$id] = true;
            array_push($open, ...$plan[$id]->order->needs);
        }
    }

    return false;
}

it('is added through the door that people enter by, one step after the other', function () {
    $acts = [];
    foreach (NeighbouringWork::Clutch->steps(demoSheet('harbick-421'), Plan::of(demoSheet('harbick-421'))) as $step) {
        $acts[] = ['step_added', $step->toArray()];
    }
    $state = worked(demoSheet('harbick-421'), $acts);
    expect(array_column($state->brief->own(), 'id'))->toBe(['own-off-clutch', 'own-hold-clutch', 'own-on-clutch'])
        ->and(fn () => Before::of($state)->enter('step_done', (object) ['step' => 'own-on-clutch']))->toThrow('First:');
});

it('is written as a document states it, and read the same again', function () {
    $step = OwnStep::read(Fields::of((object) ['id' => 'own-1', 'slab' => 'head', 'name' => 'Plug thread sleeved', 'needs' => ['off.head', 'own-0'], 'minutes' => 20, 'torque' => '20 N·m'], ...OwnStep::payload()->names()));
    $again = OwnStep::read(Fields::of((object) $step->toArray(), ...OwnStep::payload()->names()));
    expect($again)->toEqual($step)->and($step->without(['own-0'])->needs)->toBe(['off.head']);
});
