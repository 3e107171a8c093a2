<?php

use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\PlanBuilder;
use Moltrek\Core\Planning\Scope;
use Moltrek\Core\Planning\StepName;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\StepKind;

require_once __DIR__.'/../engines.php';

it('reads what is done, to what and where', function (string $id, array $parts) {
    $name = StepName::of($id);
    expect([$name->verb, $name->subject, $name->place])->toBe($parts);
})->with([
    ['on.cam.front', ['on', 'cam', 'front']],
    ['on.ring.top.1', ['on', 'ring', 'top.1']],
    ['pull.head', ['pull', 'head', '']],
    ['reeds-on', ['reeds-on', '', '']],
]);

it('says of a step what is asked of it', function (string $id, bool $is, bool $isAt, string $put) {
    $name = StepName::of($id);
    expect([$name->is('on', 'ring', 'cam'), $name->isAt('1'), $name->with('off')])->toBe([$is, $isAt, $put]);
})->with([
    'the top ring of cylinder 1' => ['on.ring.top.1', true, true, 'off.ring.top.1'],
    'of cylinder 11' => ['on.ring.top.11', true, false, 'off.ring.top.11'],
    'the only cam' => ['on.cam', true, false, 'off.cam'],
    'another verb' => ['pull.cam.1', false, true, 'off.cam.1'],
    'another subject' => ['on.rods.1', false, true, 'off.rods.1'],
]);

it('lets a rule name words and slabs, at any place', function (string $id) {
    expect(StepName::ofRule($id, demoSheet('pellgrove-1092')->stack))->toBe($id);
})->with(['off.cam', 'off.cam.front', 'test.leak-down', 'pull.rockers-front', 'turn.barrel-front', 'hold.start']);

it('refuses a rule that names what no step is called', function (string $id) {
    expect(fn () => StepName::ofRule($id, demoSheet('pellgrove-1092')->stack))->toThrow(LogicException::class, $id);
})->with([
    'a typing mistake' => 'off.cams', 'another verb’s word' => 'pull.cam', 'a slab of another engine' => 'on.head-left', 'no subject' => 'off',
    'what is done to no slab' => 'fill.rockers-front', 'the beginning of a slab' => 'on.rockers',
]);

it('throws where the rule is written, whichever way it names the step', function (callable $rule) {
    $plan = new PlanBuilder(new Scope(demoSheet(), [Errand::TopEnd]), new Basis);
    $step = fn () => $plan->step('off.rotor', StepKind::TakeOff, null);
    expect(fn () => $rule($plan, $step))->toThrow(LogicException::class, 'off.roter');
})->with([
    'its own id' => [fn (PlanBuilder $plan) => $plan->step('off.roter', StepKind::TakeOff, null)],
    'after' => [fn (PlanBuilder $plan, callable $step) => $step()->after('off.roter')],
    'before' => [fn (PlanBuilder $plan, callable $step) => $step()->before('off.roter')],
    'behind' => [fn (PlanBuilder $plan, callable $step) => $step()->behind('off.roter')],
    'every' => [fn (PlanBuilder $plan) => $plan->every('off.roter')],
    'knows' => [fn (PlanBuilder $plan) => $plan->knows('off.roter')],
    'puts' => [fn (PlanBuilder $plan) => $plan->puts('off.roter', 'off.rotor')],
]);

it('keeps no word in its list that no step of any engine bears', function () {
    $unborne = array_flip(StepName::words());
    $engines = array_map(static fn (string $path): EngineSheet => EngineSheet::read(json_decode((string) file_get_contents($path))), glob(__DIR__.'/../../../database/sheets/*.json'));
    foreach ([...$engines, ...array_map(builtEngine(...), range(1, 30))] as $sheet) {
        $cut = array_fill_keys(array_column($sheet->layout->cylinders, 'id'), BoreJob::Rebore);
        foreach (Errand::cases() as $errand) {
            foreach (array_keys(Plan::of($sheet, new Basis([$errand], [], $errand === Errand::TopEnd ? $cut : []))) as $id) {
                $name = StepName::of((string) $id);
                unset($unborne[$name->verb.'.'.$name->subject]);
            }
        }
    }
    expect(array_keys($unborne))->toBe([]);
});
