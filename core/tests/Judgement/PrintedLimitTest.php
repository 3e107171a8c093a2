<?php

use Moltrek\Core\Judgement\PrintedLimit;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\Refusal;

it('reads a limit as a manual prints it', function (string $printed, array $ends, Dimension $dimension = Dimension::Length) {
    expect(PrintedLimit::read($printed, $dimension)->ends)->toBe($ends);
})->with([
    'a range' => ['0.05–0.08 mm', ['min' => '0.05 mm', 'max' => '0.08 mm']],
    'with its other unit and a service limit' => ['0.05–0.08 mm (0.0020–0.0031 in), limit 0.12', ['min' => '0.05 mm', 'max' => '0.08 mm', 'service_max' => '0.12 mm']],
    'in words' => ['0.05 to 0.08', ['min' => '0.05 mm', 'max' => '0.08 mm']],
    'decimal commas' => ['0,05 - 0,08 mm; wear limit 0,1 mm', ['min' => '0.05 mm', 'max' => '0.08 mm', 'service_max' => '0.1 mm']],
    'a figure and its tolerance' => ['24 ± 2 N·m', ['min' => '22 N·m', 'max' => '26 N·m'], Dimension::Torque],
    'a tolerance of more decimals' => ['1.1 ±0.05 mm', ['min' => '1.05 mm', 'max' => '1.15 mm']],
    'foot-pounds' => ['25 to 29 ft-lb', ['min' => '25 ft-lb', 'max' => '29 ft-lb'], Dimension::Torque],
    'an upper end' => ['max 0.05 mm', ['max' => '0.05 mm']],
    'said behind' => ['0.05 mm or less', ['max' => '0.05 mm']],
    'a lower end' => ['38.5 mm min', ['min' => '38.5 mm']],
    'worn below the lower end' => ['40.2–40.4 mm, service limit 39.8 mm', ['min' => '40.2 mm', 'max' => '40.4 mm', 'service_min' => '39.8 mm']],
    'a service limit alone' => ['limit 0.3 mm', ['service_max' => '0.3 mm']],
    'one end in its other unit' => ['max. 0.03 mm (0.0012 in), limit 0.06 mm (0.0024 in)', ['max' => '0.03 mm', 'service_max' => '0.06 mm']],
    'inches' => ['0.0020-0.0031 in', ['min' => '0.0020 in', 'max' => '0.0031 in']],
]);

it('reads a rule on the bore as it is printed', function (string $printed, array $rule, string $words) {
    $limit = PrintedLimit::read($printed, Dimension::Length);
    expect(json_decode(json_encode($limit->stated()), true))->toBe($rule)->and($limit->inWords())->toBe($words);
})->with([
    'at least' => ['0.004 in per inch of bore', ['rule' => ['min' => '0.004 in', 'per' => '1 in']], 'at least 0.004 in for every 1 in of bore'],
    'from and to' => ['0.004–0.006 in per in of bore', ['rule' => ['min' => '0.004 in', 'max' => '0.006 in', 'per' => '1 in']], '0.004 in to 0.006 in for every 1 in of bore'],
    'on so many millimetres' => ['0.1 mm for every 25 mm of bore', ['rule' => ['min' => '0.1 mm', 'per' => '25 mm']], 'at least 0.1 mm for every 25 mm of bore'],
    'with a service limit' => ['0.0035 in per inch of bore, limit 0.030 in', ['rule' => ['min' => '0.0035 in', 'per' => '1 in'], 'service_max' => '0.030 in'], 'at least 0.0035 in for every 1 in of bore, worn up to 0.030 in'],
]);

it('says what it has understood', function (string $printed, string $words) {
    expect(PrintedLimit::read($printed, Dimension::Length)->inWords())->toBe($words);
})->with([
    ['0.05–0.08 mm, limit 0.12', '0.05 mm to 0.08 mm, worn up to 0.12 mm'],
    ['max 0.05', 'up to 0.05 mm'],
    ['40.2 or more, limit 39.8', 'at least 40.2 mm, worn down to 39.8 mm'],
]);

it('refuses what it cannot read, and brackets that say something else', function (string $printed, string $why) {
    expect(fn () => PrintedLimit::read($printed, Dimension::Length))->toThrow(function (Refusal $refusal) use ($why): void {
        expect($refusal->toArray()['field'])->toBe('text')->and($refusal->getMessage().' '.$refusal->toArray()['allowed'])->toContain($why);
    });
})->with([
    'words alone' => ['a thin leaf', 'as a manual prints it'],
    'nothing' => ['', 'as a manual prints it'],
    // 0.031 in are 0.79 mm: a slip of the decimal point
    'a slip in one bracket of two' => ['max 0.03 mm (0.0012 in), limit 0.06 mm (0.0042 in)', '0.03 mm or 0.06 mm is not 0.0042 in'],
    'a slip in the brackets' => ['0.05–0.08 mm (0.002–0.031 in)', '0.08 mm is not 0.031 in'],
]);
