<?php

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\SheetLimit;

/** @param  array<string, mixed>  $more */
function printedTwice(array $more, string $quantity = 'piston_clearance'): SheetLimit
{
    return SheetLimit::read(Fields::of(json_decode(json_encode(['quantity' => $quantity, 'source' => 'piston maker'] + $more)), ...SheetLimit::KEYS));
}

it('says what a second unit adds to a limit', function (array $limit, string $said) {
    expect(printedTwice($limit)->remarks())->toBe($said);
})->with([
    '0.0020 in = 0.0508 mm, 0.8 µm away: as near as a tool reads' => [
        ['min' => '0.050 mm', 'max' => '0.065 mm', 'also_printed' => ['min' => '0.0020 in']], 'also printed 0.0020 in, which agrees',
    ],
    '0.0030 in = 0.0762 mm, 11.2 µm past 0.065 mm' => [
        ['min' => '0.050 mm', 'max' => '0.065 mm', 'also_printed' => ['min' => '0.0020 in', 'max' => '0.0030 in']],
        'also printed 0.0020 in to 0.0030 in, which is off by 0.0112 mm; the first figure rules',
    ],
    'the service limit: 0.004 in = 0.1016 mm' => [
        ['service_max' => '0.100 mm', 'also_printed' => ['service_max' => '0.004 in']],
        'also printed service 0.004 in, which is off by 0.0016 mm; the first figure rules',
    ],
    'a condition stands before it' => [
        ['max' => '0.0762 mm', 'condition' => 'cold', 'also_printed' => ['max' => '0.003 in']], 'cold, also printed 0.003 in, which agrees',
    ],
]);

it('lets the first print rule', function () {
    expect(printedTwice(['min' => '0.050 mm', 'also_printed' => ['min' => '0.0030 in']])->limit->min)->toBe(50_000);
});

it('refuses a second print of an end that the first leaves open', function () {
    expect(fn () => printedTwice(['min' => '0.050 mm', 'also_printed' => ['max' => '0.003 in']]))->toThrow(function (Refusal $refusal): void {
        expect($refusal->field)->toBe('also_printed.max');
    });
});
