<?php

use Moltrek\Core\Fitting\Ruling;
use Moltrek\Core\Fitting\SourceChoice;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SourceKind;

/** @param  list<array<string, mixed>>  $limits */
function sheetWithLimits(array $limits): EngineSheet
{
    return demoSheet(change: fn (stdClass $document) => $document->limits = json_decode(json_encode($limits)));
}

const PISTON_MAKER = ['quantity' => 'piston_clearance', 'source' => 'piston maker', 'min' => '0.050 mm', 'max' => '0.065 mm'];
const ENGINE_MAKER = ['quantity' => 'piston_clearance', 'source' => 'engine maker', 'min' => '0.045 mm', 'max' => '0.060 mm', 'service_max' => '0.100 mm'];

it('lets the piston maker rule the range and the engine maker the service limit', function () {
    $source = Ruling::over(sheetWithLimits([ENGINE_MAKER, PISTON_MAKER])->limitsFor('piston_clearance'), null);
    expect([$source->range, $source->service])->toBe([SourceKind::PistonMaker, SourceKind::EngineMaker]);
    expect([$source->limit->min, $source->limit->max, $source->limit->serviceMax])->toBe([50_000, 65_000, 100_000]);
});

it('follows a choice and keeps its reason', function () {
    $source = Ruling::over(sheetWithLimits([ENGINE_MAKER, PISTON_MAKER])->limitsFor('piston_clearance'), new SourceChoice(SourceKind::EngineMaker, null, 'their piston'));
    expect([$source->range, $source->limit->max, $source->reason])->toBe([SourceKind::EngineMaker, 60_000, 'their piston']);
});

it('lets a service limit give way to a range that rules', function () {
    $narrow = ['quantity' => 'piston_clearance', 'source' => 'engine maker', 'service_max' => '0.060 mm'];
    $source = Ruling::over(sheetWithLimits([PISTON_MAKER, $narrow])->limitsFor('piston_clearance'), null);
    expect($source->limit->serviceMax)->toBe(65_000);
});

it('has nothing to say without a limit', function () {
    expect(Ruling::over([], null)->limit)->toBeNull();
});

it('applies a limit only to the rings it names', function () {
    $sheet = sheetWithLimits([['quantity' => 'ring_gap', 'of' => ['top'], 'source' => 'ring maker', 'min' => '0.22 mm']]);
    expect($sheet->limitsFor('ring_gap', 'top'))->toHaveCount(1)
        ->and($sheet->limitsFor('ring_gap', 'second'))->toBe([]);
});
