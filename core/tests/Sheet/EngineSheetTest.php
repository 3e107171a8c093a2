<?php

use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;

it('reads the demo engines', function (string $name, string $description, float $displacement, int $spots) {
    $sheet = EngineSheet::read(sheetDocument($name));
    expect($sheet->description())->toBe($description)
        ->and($sheet->displacement())->toEqualWithDelta($displacement, 0.1)
        ->and(array_filter(Catalogue::of($sheet), fn (Spot $spot): bool => in_array($spot->measurable->key, ['piston', 'bore', 'ring_gap'], true)))->toHaveCount($spots);
})->with([
    // a cylinder: the piston, 3 depths × 2 axes, the rings with a gap (an expander has none)
    'π/4 · 5.5² · 5.84' => ['ulvane-139r', 'trail bike, two-stroke single', 138.7, 9],
    'π/4 · 7.25² · 7.2 · 2' => ['skarn-594', 'snowmobile, two-stroke parallel twin', 594.5, 18],
    'π/4 · 8.6² · 7.25' => ['harbick-421', 'ATV, four-stroke single', 421.1, 11],
    'π/4 · 6.62² · 4.42 · 4' => ['ostrel-608', 'road bike, four-stroke inline four', 608.5, 44],
    'π/4 · 9.2² · 8.22 · 2' => ['pellgrove-1092', 'cruiser, four-stroke V-twin', 1092.9, 22],
    'π/4 · 6.6² · 7.19 · 3' => ['ferrant-738', 'classic triple, four-stroke parallel triple', 738.0, 33],
    'π/4 · 8.25² · 7.6 · 2' => ['brindlecote-812', 'side-by-side, four-stroke parallel twin', 812.5, 22],
    'π/4 · 6.8² · 5.72' => ['dunmoor-208sv', 'slipway pump, four-stroke single', 207.7, 11],
]);

it('refuses a sheet that contradicts itself', function (callable $spoil, string $field) {
    $document = sheetDocument('ulvane-139r');
    $spoil($document);
    expect(fn () => EngineSheet::read($document))->toThrow(function (Refusal $refusal) use ($field): void {
        expect($refusal->field)->toBe($field);
    });
})->with([
    'a misspelt key' => [fn (stdClass $sheet) => $sheet->geometry->boar = '55 mm', 'geometry.boar'],
    'an unknown cycle' => [fn (stdClass $sheet) => $sheet->cycle = 'three-stroke', 'cycle'],
    'two cylinders in a single' => [fn (stdClass $sheet) => $sheet->layout->cylinders[] = (object) ['id' => '2', 'name' => 'other'], 'layout.cylinders'],
    'an id twice' => [fn (stdClass $sheet) => $sheet->slabs[1]->id = 'case', 'slabs'],
    'crossed limits' => [fn (stdClass $sheet) => $sheet->limits[0]->min = '0.070 mm', 'limits.0.min'],
    'a bore without a unit' => [fn (stdClass $sheet) => $sheet->geometry->bore = '55', 'geometry.bore'],
    'no slabs' => [fn (stdClass $sheet) => $sheet->slabs = [], 'slabs'],
    'another schema' => [fn (stdClass $sheet) => $sheet->schema = 'other', 'schema'],
]);
