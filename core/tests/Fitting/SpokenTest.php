<?php

use Moltrek\Core\Fitting\ClearanceDoubt;
use Moltrek\Core\Fitting\GapSchool;
use Moltrek\Core\Fitting\KeptOffArc;
use Moltrek\Core\Fitting\Ruling;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\Wordings;
use Moltrek\Core\Planning\Suspects;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cycle;

it('names the limit that was crossed, whose it is, and how far past it', function (int $figure, int $doubt, string $reason) {
    $limit = Limit::between(Dimension::Length, 50_000, 65_000, null, 100_000, 'piston maker', 'engine maker');
    expect(Verdict::of($limit, Wordings::clearance(), Interval::around($figure, $doubt))->reason)->toBe($reason);
})->with([
    'worn: 0.075 − 0.065' => [75_000, 0, 'The clearance is past the as-new limit of 0.065 mm by 0.01 mm (piston maker), and inside the service limit of 0.10 mm (engine maker).'],
    'loose: 0.112 − 0.100' => [112_000, 0, 'The clearance is too loose: past the service limit of 0.10 mm by 0.012 mm (engine maker).'],
    'tight, no service limit there: 0.050 − 0.041' => [41_000, 0, 'The clearance is too tight: past the as-new limit of 0.05 mm by 0.009 mm (piston maker).'],
    'the doubt reaches over the service limit' => [98_000, 4_000, 'The clearance may be worn or out, most likely worn: the doubt reaches across the service limit of 0.10 mm (engine maker).'],
    'the doubt reaches over both' => [80_000, 30_000, 'The clearance may be as new or out, most likely worn: the doubt reaches across the as-new limit of 0.065 mm (piston maker) and the service limit of 0.10 mm (engine maker).'],
]);

/** The limits of the Ulvane's top ring gap, as other sources state them. */
function topGapBy(array ...$limits): Limit
{
    $sheet = demoSheet('ulvane-139r', function (stdClass $sheet) use ($limits): void {
        $sheet->limits = array_map(static fn (array $limit): array => ['quantity' => 'ring_gap'] + $limit, $limits);
        $sheet->limits = json_decode(json_encode($sheet->limits));
    });

    return Ruling::over($sheet->limitsFor('ring_gap', 'top'), null)->limit;
}

it('takes an end that the ruling source does not state from the next that does', function () {
    $limit = topGapBy(['source' => 'ring maker', 'min' => '0.22 mm'], ['source' => 'engine maker', 'min' => '0.20 mm', 'max' => '0.40 mm', 'service_max' => '0.60 mm']);
    expect([$limit->min, $limit->max, $limit->serviceMax])->toBe([220_000, 400_000, 600_000])
        ->and(array_map(static fn ($end): ?string => $end->source, $limit->ends()))->toBe(['ring maker', 'engine maker', 'engine maker']);
});

it('leaves an end missing that would cross the others', function () {
    expect(topGapBy(['source' => 'ring maker', 'min' => '0.45 mm'], ['source' => 'engine maker', 'max' => '0.40 mm'])->max)->toBeNull();
});

it('adds the doubt of a small-hole gauge, and counts the fixed error of the micrometer that read both not at all', function () {
    // gauge 3, micrometer 5 of which 3 fixed: 3² + 2·(5² − 3²) = 9 + 32 = 41
    $doubt = ClearanceDoubt::byTransfer(Length::ofNanometres(3_000), Length::ofNanometres(5_000), Length::ofNanometres(3_000));
    expect($doubt->combined(false)->nanometres)->toEqualWithDelta(sqrt(41) * 1_000, 0.001);
});

it('says that it does not know how far a reading may be out that names no tool', function (string $spot, string|array $reading, array $with, bool $isUnknown) {
    $assessments = worked(demoSheet(), [
        ['reading_taken', ['spot' => 'piston.1', 'reading' => '54.950 mm', 'tool' => ['id' => 'm2', 'name' => 'M2', 'doubt' => '0.002 mm']]],
        ['reading_taken', ['spot' => $spot, 'reading' => $reading] + $with],
    ])->verdicts->all();
    $of = str_starts_with($spot, 'bore') ? 'piston_clearance.1' : $spot;
    expect($assessments[$of]->caveats->doubtIsUnknown)->toBe($isUnknown)
        ->and(str_contains($assessments[$of]->verdict->reason, 'No tool is named'))->toBe($isUnknown)
        ->and($isUnknown && $assessments[$of]->doubt !== null)->toBeFalse();
})->with([
    'a bore by a gauge' => ['bore.1.across.12', '55.000 mm', ['tool' => ['id' => 'b1', 'name' => 'B1', 'doubt' => '0.003 mm']], false],
    'a bore by nothing' => ['bore.1.across.12', '55.000 mm', [], true],
    'a setting by nothing' => ['bore.1.across.12', ['setting' => '55 mm', 'deviation' => '0 mm'], ['tool' => ['id' => 'b1', 'name' => 'B1', 'doubt' => '0.003 mm']], true],
    'leaves say it themselves' => ['ring_gap.1.top', ['passes' => '0.25 mm', 'refuses' => '0.30 mm'], [], false],
    'a pin hole by a micrometer alone' => ['pin_in_piston.1', ['hole' => '14.005 mm', 'shaft' => '14.000 mm'], ['tool' => ['id' => 'm4', 'name' => 'M4', 'doubt' => '0.002 mm']], true],
    'a pin hole by gauge and micrometer' => ['pin_in_piston.1', ['hole' => '14.005 mm', 'shaft' => '14.000 mm'], ['tool' => ['id' => 'm4', 'name' => 'M4', 'doubt' => '0.002 mm'], 'set_with' => ['id' => 'g1', 'name' => 'G1', 'doubt' => '0.002 mm']], false],
]);

it('speaks of no valves where there are none, and of what this gear is set by', function (string $engine, string $quantity, string $says, string $never) {
    $sheet = demoSheet($engine);
    $spot = array_values(array_filter(Catalogue::of($sheet), static fn ($spot): bool => $spot->is($quantity)))[0];
    $wording = Wordings::on($sheet, $spot->measurable);
    $limit = Limit::between(Dimension::Length, 100, 200);
    $actions = array_map(static fn (int $figure): ?string => Verdict::of($limit, $wording, Interval::around($figure, 0))->action, [50, 300]);
    expect(implode(' ', $actions))->toContain($says)->not->toContain($never);
})->with([
    ['skarn-594', 'cranking_compression', 'the case loses', 'valve'],
    ['harbick-421', 'cranking_compression', 'valves', 'reed'],
    ['skarn-594', 'leak_down', 'exhaust, inlet', 'breather'],
    ['dunmoor-208sv', 'valve_lash', 'seat is cut', 'crew'],
    ['harbick-421', 'valve_lash', 'Screw out', 'shim'],
    ['ostrel-608', 'valve_lash', 'thinner shim', 'crew'],
]);

it('suspects nothing that the engine has not', function (string $engine) {
    $sheet = demoSheet($engine);
    $usual = array_filter(Suspects::on($sheet, 'low compression'), static fn ($symptom): bool => ! in_array($symptom, $sheet->work->symptoms, false));
    $text = implode(' ', array_map(static fn ($symptom): string => $symptom->suspect.' '.$symptom->test, $usual));
    $never = $sheet->layout->cycle === Cycle::TwoStroke ? '/valve guides|guide seal|\bvalve or\b|oil ring/' : '/reed|crank seal|through the exhaust port/';
    expect($text)->not->toMatch($never);
})->with(fn (): array => ['ulvane-139r', 'skarn-594', 'harbick-421', 'ostrel-608', 'dunmoor-208sv', 'pellgrove-1092']);

it('keeps gaps off the thrust faces at exhaust and inlet, and never takes the pin for one', function (string $engine) {
    $piston = demoSheet($engine)->piston;
    $thrust = array_values(array_filter($piston->keepOff, static fn ($arc): bool => str_contains($arc->why, 'thrust')));
    $holds = static fn (int $degrees): bool => array_filter($thrust, static fn ($arc): bool => (new KeptOffArc($arc->from, $arc->to, $arc->why))->holds($degrees * 1_000_000_000)) !== [];
    expect(array_map($holds, [0, 90, 180, 270]))->toBe([true, false, true, false]);
})->with(['brindlecote-812', 'ferrant-738', 'harbick-421', 'ostrel-608', 'pellgrove-1092']);

it('finds the outer peg on the outer side of each barrel', function () {
    $sheet = demoSheet('skarn-594');
    $outer = $sheet->piston->rings[1];
    $at = array_map(static fn ($cylinder): float => Dimension::Angle->canonicalValue($outer->gapIn($cylinder)), $sheet->layout->cylinders);
    // clockwise from the exhaust in front, the left barrel's outer side lies past 180, the right one's before it
    expect($at)->toBe([220.0, 140.0]);
});

it('gives every ring of a set a place on the clock, whatever the sheet calls it', function () {
    $sheet = demoSheet('harbick-421', function (stdClass $sheet): void {
        $sheet->piston->rings = json_decode('[{"id":"r1","name":"top ring","kind":"compression"},{"id":"r2","name":"second ring","kind":"compression"},{"id":"oil","name":"oil ring","kind":"oil one-piece"}]');
    });
    expect(GapSchool::placesOf($sheet->piston->rings))->toBe(['r1' => 'top', 'r2' => 'second', 'oil' => 'upper_rail']);
});
