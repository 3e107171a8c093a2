<?php

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\FirstSheet;

/** What somebody answers at intake of a machine that nobody has a sheet for. */
function answered_of(array $other = []): array
{
    return $other + ['make' => 'Tarnwick', 'model' => '250 Scree', 'kind' => 'trail bike', 'cycle' => 'four-stroke', 'cylinders' => 1, 'form' => 'single', 'cooling' => 'air',
        'gear' => 'single cam', 'adjustment' => 'screw', 'lining' => 'iron', 'bore' => '74 mm', 'stroke' => '57.8 mm'];
}

function firstSheet(array $answers): EngineSheet
{
    return EngineSheet::read(json_decode(json_encode(FirstSheet::from(Fields::of((object) $answers, ...FirstSheet::KEYS)))));
}

it('makes a sheet from a few answers that the job can be opened on', function () {
    $sheet = firstSheet(answered_of());
    // 7.4²·π/4·5.78 = 248.6 cm³
    expect($sheet->identity->id)->toBe('tarnwick-250-scree')->and(round($sheet->displacement(), 1))->toBe(248.6)
        ->and(array_column($sheet->stack->slabs, 'id'))->toBe(['case', 'base-gasket', 'barrel', 'head-gasket', 'head', 'cam', 'cover'])
        ->and(array_column($sheet->valveTrain->valves, 'id'))->toBe(['1in', '1ex'])->and($sheet->limits->stated)->toBe([]);
});

it('stands two columns of a V on one case', function () {
    $sheet = firstSheet(answered_of(['cylinders' => 2, 'form' => 'vee', 'vee_angle' => '52 deg', 'gear' => 'pushrod', 'adjustment' => 'hydraulic']));
    expect($sheet->stack->named('base-gasket-rear')->on)->toBe(['case'])->and($sheet->stack->named('rockers-rear')->on)->toBe(['head-rear'])
        ->and($sheet->cylinder('2')->phase)->toBe(52.0)->and($sheet->cylinder('2')->name)->toBe('rear cylinder');
});

/** Every way of answering that goes together. */
function everyAnswer(): iterable
{
    foreach ([[1, 'single', []], [2, 'parallel', ['pins' => 180]], [2, 'parallel', []], [3, 'parallel', []], [4, 'inline', []], [2, 'vee', ['vee_angle' => '90 deg']], [4, 'vee', ['vee_angle' => '70 deg']]] as [$count, $form, $more]) {
        foreach (['air', 'liquid'] as $cooling) {
            foreach ([['two-stroke', null, null, null], ['four-stroke', 'single cam', 'screw', 2], ['four-stroke', 'twin cam', 'shim under bucket', 4], ['four-stroke', 'pushrod', 'hydraulic', 2], ['four-stroke', 'pushrod', 'screw', 2], ['four-stroke', 'side', 'ground stem', 2]] as [$cycle, $gear, $adjustment, $valves]) {
                foreach ($form === 'vee' || $cycle === 'two-stroke' ? ['barrel lowered over the pistons'] : ['barrel lowered over the pistons', 'bores in the upper case, pistons from above'] as $joining) {
                    $answers = ['cylinders' => $count, 'form' => $form, 'cooling' => $cooling, 'cycle' => $cycle, 'joining' => $joining, 'exhaust_valve' => $cycle === 'two-stroke' && $cooling === 'liquid'] + $more
                        + ($gear === null ? [] : ['gear' => $gear, 'adjustment' => $adjustment, 'valves' => $valves, 'drive' => str_contains($gear, 'cam') ? 'chain' : 'gears']);
                    yield "$count $form $cooling $cycle $gear $adjustment $joining ".json_encode($more) => [$answers];
                }
            }
        }
    }
}

it('is valid however it is answered, and every errand of it has a plan that ends', function (array $answers) {
    $sheet = firstSheet($answers + ['make' => 'Tarnwick', 'model' => 'any', 'kind' => 'machine', 'lining' => 'plated', 'bore' => '66 mm', 'stroke' => '60 mm']);
    foreach (Errand::on($sheet) as $errand) {
        $plan = Plan::of($sheet, new Basis([$errand]));
        $done = [];
        do {
            $ready = array_filter($plan, fn ($step): bool => ! isset($done[$step->id]) && array_diff($step->order->needs, array_keys($done)) === []);
            $done += array_map(fn (): bool => true, $ready);
        } while ($ready !== []);
        expect(count($done))->toBe(count($plan));
    }
})->with(everyAnswer(...));

it('refuses answers that do not go together', function (array $other, string $field) {
    expect(fn () => firstSheet($other + answered_of()))->toThrow(fn (Refusal $refusal) => expect($refusal->toArray()['field'])->toBe($field));
})->with([
    'two cylinders and a single' => [['cylinders' => 2], 'form'],
    'a V of three' => [['cylinders' => 3, 'form' => 'vee', 'vee_angle' => '60 deg'], 'cylinders'],
    'a V without its angle' => [['cylinders' => 2, 'form' => 'vee'], 'vee_angle'],
    'a four-stroke without valves' => [['gear' => 'none'], 'gear'],
    'no bore' => [['bore' => ''], 'bore'],
    'shims under the buckets of side valves' => [['gear' => 'side', 'adjustment' => 'shim under bucket'], 'adjustment'],
    'no way to set its valves' => [['adjustment' => null], 'adjustment'],
    'too many' => [['cylinders' => 12], 'cylinders'],
]);
