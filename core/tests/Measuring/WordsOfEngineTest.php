<?php

require_once __DIR__.'/../engines.php';

use Moltrek\Core\Judgement\Side;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Log\Closing\Hiss;
use Moltrek\Core\Log\Closing\LeakTest;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Measuring\Wordings;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\IgnitionSetBy;
use Moltrek\Core\Sheet\Lining;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Timing\IgnitionRead;

/** @return list<string> what is done about a quantity that is out, either way */
function mendings(Wording $wording): array
{
    return array_values(array_filter([$wording->action(State::Out, Side::Low), $wording->action(State::Out, Side::High)]));
}

/** @return list<string> everything that is said of this engine beside its plan: how places are read, and what is done about what is out */
function saidOf(EngineSheet $sheet): array
{
    $spots = Catalogue::of($sheet);
    $lining = $sheet->barrel->lining;

    return [
        ...array_map(static fn (Spot $spot): string => $spot->hint, array_values($spots)),
        ...array_merge(...array_map(static fn (Spot $spot): array => mendings(Wordings::on($sheet, $spot->measurable)), array_values($spots))),
        ...mendings(Wordings::pistonClearance($lining)), ...mendings(Wordings::boreSize($lining)), ...mendings(Wordings::boreShape('the taper', $lining)),
        ...mendings(IgnitionRead::wording($sheet->ignition->setBy)),
        ...array_map(static fn (Hiss $hiss): string => $hiss->means($sheet), $sheet->layout->cycle === Cycle::FourStroke ? Hiss::on($sheet) : []),
        ...$sheet->layout->cycle === Cycle::TwoStroke ? [LeakTest::before($sheet)] : [],
    ];
}

it('says nothing of an engine that is not true of it', function (string $words, callable $are) {
    $engines = 0;
    $sheets = array_map(static fn (string $file): EngineSheet => demoSheet(basename($file, '.json')), glob(__DIR__.'/../../../database/sheets/*.json') ?: []);
    foreach ([...$sheets, ...array_map(builtEngine(...), range(1, 40))] as $number => $sheet) {
        if ($are($sheet)) {
            $engines++;
            expect(preg_grep($words, saidOf($sheet)) ?: [])->toBe([], "engine $number");
        }
    }
    expect($engines)->toBeGreaterThan(0);
})->with([
    'a plated bore that is honed or bored' => ['/^hone|\bhone it|rebore|next size/i', fn (EngineSheet $sheet): bool => $sheet->barrel->lining === Lining::Plated],
    'an iron bore that is plated' => ['/plat(ed|ing)|replate/i', fn (EngineSheet $sheet): bool => $sheet->barrel->lining === Lining::Iron],
    'coolant in an engine cooled by air' => ['/coolant|into the water/i', fn (EngineSheet $sheet): bool => $sheet->layout->cooling === Cooling::Air],
    'valves or a breather of a two-stroke' => ['/valves or head joint|breather/i', fn (EngineSheet $sheet): bool => $sheet->layout->cycle === Cycle::TwoStroke],
    'seals and inlet of the case of a four-stroke' => ['/what the case loses|\breed/i', fn (EngineSheet $sheet): bool => $sheet->layout->cycle === Cycle::FourStroke],
    'thickness below a barrel that stands on none' => ['/below the barrel/i', fn (EngineSheet $sheet): bool => $sheet->stack->all(SlabKind::BaseGasket) === []],
    'a crank turned back that is not to be' => ['/centre and back/', fn (EngineSheet $sheet): bool => $sheet->crank?->mayTurnBack() === false],
    'a plate that is none' => ['/the plate (against|with)/', fn (EngineSheet $sheet): bool => $sheet->ignition->setBy !== IgnitionSetBy::Plate],
    'a clearance of hydraulic lifters' => ['/clearance read first/', fn (EngineSheet $sheet): bool => $sheet->valveTrain->adjustment === Adjustment::Hydraulic],
    'a crank that comes out for shells' => ['/crank comes out/', fn (EngineSheet $sheet): bool => $sheet->crank?->plain === true],
]);

it('says where thickness can be put on this engine', function (string $engine, string $squish, string $deck) {
    $sheet = demoSheet($engine);
    $of = fn (string $key): ?string => Wordings::on($sheet, Catalogue::all()[$key])->action(State::Out, Side::Low);
    expect([$of('squish'), $of('deck')])->toBe([$squish, $deck]);
})->with([
    'a gasket below the barrel and one above it' => ['ulvane-139r', 'More thickness above or below the barrel.', 'More thickness below the barrel, in paper or by a spacer.'],
    'a head sealed by a ring' => ['skarn-594', 'More thickness below the barrel.', 'More thickness below the barrel, in paper or by a spacer.'],
    'bores in the case' => ['brindlecote-812', 'More thickness under the head.', 'Look for another piston, or a face that was cut.'],
]);
