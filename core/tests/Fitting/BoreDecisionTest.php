<?php

use Moltrek\Core\Fitting\BoreDecision;
use Moltrek\Core\Fitting\Oversize;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Lining;

/** Clearance 0.045 to 0.065, service 0.090; clean-up 0.020; wall limit 87.05. */
function decide(string $smallest, string $largest, ?string $piston, Lining $lining = Lining::Iron, array $sizes = ['+0.50' => '86.455', '+0.25' => '86.205', '+1.00' => '86.955']): array
{
    $mm = fn (string $figure): Length => Length::of($figure.' mm');
    $options = array_map(fn (string $label, string $size): Oversize => new Oversize($label, $mm($size)), array_keys($sizes), $sizes);
    $decision = BoreDecision::withPresentPiston($lining, $mm($smallest), $mm($largest), $mm('0.045'), $mm('0.065'), $mm('0.090'), $piston === null ? null : $mm($piston))
        ?? ($lining === Lining::Plated ? BoreDecision::replated($mm($largest), ...$options) : BoreDecision::rebored($mm($smallest), $mm($largest), $mm('0.045'), $mm('0.065'), $mm('0.020'), $options, $mm('87.05')));

    return $decision->toArray();
}

it('loses as little metal as it can', function (array $bore, string $decision, ?string $size, ?float $aim, ?float $remove) {
    $answer = decide(...$bore);
    expect([$answer['decision'], $answer['size']['label'] ?? null, $answer['finish']['aim']['value'] ?? null])->toBe([$decision, $size, $aim]);
    expect($answer['remove']['value'] ?? null)->toBe($remove);
})->with([
    'fits from the tightest to the widest: 0.050 to 0.085' => [['86.000', '86.035', '85.950'], 'keep', null, null, null],
    'exactly at both ends: 0.045 and 0.090' => [['85.995', '86.040', '85.950'], 'keep', null, null, null],
    'too tight, and the aim 86.005 takes the widest too: hone' => [['85.990', '86.004', '85.950'], 'hone', null, 86.005, 0.015],
    'tight and wide at once: 86.010 is past the aim, rebore; 86.205 + 0.055' => [['85.990', '86.010', '85.950'], 'rebore', '+0.25', 86.26, 0.27],
    'loose: 0.091 over service; 86.26 − 86.009' => [['86.009', '86.041', '85.950'], 'rebore', '+0.25', 86.26, 0.251],
    'worn past the first size: 86.241 + 0.020 > 86.260' => [['86.200', '86.241', '85.950'], 'rebore', '+0.50', 86.51, 0.31],
    'just cleans: 86.240 + 0.020' => [['86.200', '86.240', '85.950'], 'rebore', '+0.25', 86.26, 0.06],
    'no piston to keep' => [['86.000', '86.035', null], 'rebore', '+0.25', 86.26, 0.26],
    'past every size: 87.000 + 0.020 > 87.010' => [['86.900', '87.000', '86.705'], 'replace', null, null, null],
    'plated and loose' => [['86.009', '86.048', '85.950', Lining::Plated], 'replate', null, null, null],
    'plated and tight: not honed' => [['85.990', '86.004', '85.950', Lining::Plated], 'replate', null, null, null],
    'plated and fitting' => [['86.000', '86.035', '85.950', Lining::Plated], 'keep', null, null, null],
]);

it('says of every size why it fits or not, the smallest first', function () {
    $considered = decide('86.200', '86.241', '85.950')['considered'];
    expect(array_column($considered, 'label'))->toBe(['+0.25', '+0.50', '+1.00'])
        ->and(array_column($considered, 'fits'))->toBe([false, true, true])
        ->and($considered[0]['why'])->toContain('does not clean up');
    // 86.995 + 0.055 = 87.05 is on the wall limit, 87.06 past it
    $walls = decide('86.500', '86.900', '85.950', sizes: ['a' => '86.995', 'b' => '87.005'])['considered'];
    expect(array_column($walls, 'fits'))->toBe([true, false])->and($walls[1]['why'])->toContain('past the wall limit');
});

it('tries every new piston in the bore as it is, the smallest first', function (array $bore, ?string $size) {
    $mm = fn (string $figure): Length => Length::of($figure.' mm');
    $sizes = [new Oversize('+0.25', $mm('86.205')), new Oversize('standard', $mm('85.955'))];
    $decision = BoreDecision::withNewPiston($mm($bore[0]), $mm($bore[1]), $mm('0.045'), $mm('0.065'), $mm('0.090'), $sizes);
    expect($decision?->toArray()['size']['label'] ?? null)->toBe($size)->and($decision?->job->value ?? 'piston')->toBe('piston');
})->with([
    'a good bore: 86.005 − 85.955 = 0.050, 86.020 − 85.955 = 0.065' => [['86.005', '86.020'], 'standard'],
    'worn a little at the widest: 0.090 is the service limit' => [['86.010', '86.045'], 'standard'],
    'past it' => [['86.010', '86.046'], null],
    'too tight for standard: 0.044' => [['85.999', '86.010'], null],
    'bored before: 86.255 − 86.205 = 0.050' => [['86.255', '86.260'], '+0.25'],
    'tightest already past as new: 0.066' => [['86.021', '86.030'], null],
]);

it('advises by shape first, then by the piston that is there, then by a new one', function (array $bore, string $piston, string $job) {
    [$across, $along] = $bore;
    $acts = [['reading_taken', ['spot' => 'piston.1', 'reading' => $piston]]];
    foreach (['12', '45', '78'] as $depth) {
        $acts[] = ['reading_taken', ['spot' => "bore.1.across.$depth", 'reading' => $across]];
        $acts[] = ['reading_taken', ['spot' => "bore.1.along.$depth", 'reading' => $along]];
    }
    $state = worked(demoSheet('harbick-421'), $acts);
    $advice = $state->verdicts->boreAdvice($state->sheet->layout->cylinders[0]);
    expect($advice->decision?->job->value)->toBe($job);
})->with([
    // clearance 0.035 to 0.060, service 0.100; out of round 0.020 service; standard piston 85.955
    'keep: 0.050 to 0.055' => [['86.005 mm', '86.000 mm'], '85.950 mm', 'keep'],
    'a worn piston in a good bore: 0.105 with it, 0.045 with a new one' => [['86.000 mm', '86.000 mm'], '85.895 mm', 'piston'],
    'out of shape by 0.030: neither piston stays' => [['86.030 mm', '86.000 mm'], '85.955 mm', 'rebore'],
]);
