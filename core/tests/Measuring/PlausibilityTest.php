<?php

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\Plausibility;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\EngineSheet;

it('asks about a figure far from the sheet and about no other', function (string $spot, string|array $reading, bool $asks) {
    $sheet = EngineSheet::read(json_decode(file_get_contents(__DIR__.'/../../../database/sheets/ulvane-139r.json')));
    $payload = json_decode(json_encode(['spot' => $spot, 'reading' => $reading]));
    $read = Reading::read(Fields::of($payload, ...Reading::KEYS), Catalogue::of($sheet)[$spot]);
    expect(Plausibility::question($read, $sheet) !== null)->toBe($asks);
})->with([
    'a bore' => ['bore.1.across.12', '55.006 mm', false],
    'a decimal slipped' => ['bore.1.across.12', '5.5006 mm', true],
    'a digit left out' => ['bore.1.across.12', '50.06 mm', true],
    'inches typed as millimetres' => ['piston.1', '2.1635 mm', true],
    'inches' => ['piston.1', '2.1635 in', false],
    'a size that the sheet does not list' => ['piston.1', '56.95 mm', true],
    'a thimble read one turn short' => ['piston.1', '54.455 mm', true],
    'a thimble read one turn over' => ['bore.1.across.12', '55.506 mm', true],
    'a worn bore' => ['bore.1.across.12', '55.090 mm', false],
    'a gap' => ['ring_gap.1.top', ['passes' => '0.20 mm'], false],
    'a gap ten times too wide' => ['ring_gap.1.top', ['passes' => '2.5 mm'], true],
    'a deviation that is the whole bore' => ['bore.1.across.12', ['setting' => '55 mm', 'deviation' => '55.006 mm'], true],
]);

it('asks about a listed size that does not go with what was read beside it', function () {
    $sheet = demoSheet('harbick-421');
    $piston = Reading::read(Fields::of((object) ['spot' => 'piston.1', 'reading' => '86.455 mm'], ...Reading::KEYS), Catalogue::of($sheet)['piston.1']);
    expect(Plausibility::question($piston, $sheet))->toBeNull()
        ->and(Plausibility::question($piston, $sheet, [Length::of('86.480 mm')]))->toBeNull()
        ->and(Plausibility::question($piston, $sheet, [Length::of('86.003 mm')]))->toContain('One turn of a thimble');
});
