<?php

use Moltrek\Core\Document\Difference;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\LimitRow;
use Moltrek\Core\Sheet\LimitTable;
use Moltrek\Core\Sheet\SourceKind;

/** A page of a manual that is made up. */
const PAGE = <<<'TABLE'
    Item	Standard
    Piston-to-bore clearance	0.05–0.08 mm (0.0020–0.0031 in), limit 0.12
    Piston ring end gap, top	0.004 in per inch of bore
    Ring end gap (2nd)	0.25–0.40 mm; service limit 0.70 mm

    Valve clearance, intake	0.13 ± 0.03 mm
    Crankshaft runout	max 0.03 mm
    Compression	1100 to 1300 kPa
    Colour of the paint	blue
    Ring gap oil	about so much
    TABLE;

/** The document of a demo sheet, to be written onto. */
function bare(string $slug): stdClass
{
    return json_decode((string) file_get_contents(__DIR__."/../../../database/sheets/$slug.json"));
}

it('reads a table as it is pasted, line by line, and says at its line what it cannot', function () {
    $rows = LimitTable::read(str_replace('    ', '', PAGE), SourceKind::EngineMaker);
    expect(array_map(fn (LimitRow $row): array => [$row->line, $row->understood()], $rows))->toBe([
        [2, 'piston clearance: 0.05 mm to 0.08 mm, worn up to 0.12 mm'],
        [3, 'ring gap, top: at least 0.004 in for every 1 in of bore'],
        [4, 'ring gap, second: 0.25 mm to 0.40 mm, worn up to 0.70 mm'],
        [6, 'valve lash, inlet: 0.10 mm to 0.16 mm'],
        [7, 'crank runout: up to 0.03 mm'],
        [8, 'cranking compression: 1100 kPa to 1300 kPa'],
        [9, null],
        [10, null],
    ])->and($rows[6]->refused)->toContain('something that is judged')->and($rows[7]->refused)->toContain('as a manual prints it');
});

it('reads the same from other columns', function (string $line, string $understood) {
    expect(LimitTable::read($line, SourceKind::EngineMaker)[0]->understood())->toBe($understood);
})->with([
    'semicolons' => ['Piston clearance;0.05-0.08 mm', 'piston clearance: 0.05 mm to 0.08 mm'],
    'commas' => ['piston_clearance,0.05-0.08 mm', 'piston clearance: 0.05 mm to 0.08 mm'],
    'quoted, with a comma inside' => ['"Ring gap, top","0.20–0.35 mm, limit 0.75"', 'ring gap, top: 0.20 mm to 0.35 mm, worn up to 0.75 mm'],
    'the part in a column of its own' => ["ring gap\tsecond\t0.2 to 0.4 mm", 'ring gap, second: 0.2 mm to 0.4 mm'],
    'a colon' => ['Exhaust valve clearance: 0.20–0.25 mm', 'valve lash, exhaust: 0.20 mm to 0.25 mm'],
    'one line of text' => ['Cylinder head warpage max 0.05 mm', 'head flatness: up to 0.05 mm'],
    'decimal commas' => ["Deck\t0,10 - 0,20 mm", 'deck: 0.10 mm to 0.20 mm'],
    'a compression ratio' => ["Compression ratio\t9.2 to 9.8", 'compression ratio: 9.2 to 1 to 9.8 to 1'],
]);

it('writes what it read onto a sheet that stays a sheet, in place of what the same source said', function () {
    $sheet = bare('ulvane-139r');
    $before = bare('ulvane-139r');
    foreach (LimitTable::read("Piston clearance\t0.055–0.065 mm, limit 0.11\nCylinder head warpage\tmax 0.04 mm\nRing gap, top\t0.004 in per inch of bore", SourceKind::EngineMaker) as $row) {
        $row->onto($sheet);
    }
    EngineSheet::read($sheet);
    $differences = array_map(fn (Difference $each): array => [$each->path, $each->before, $each->after], Difference::between($before, $sheet));
    expect($differences)->toBe([
        ['limits.piston_clearance engine maker.min', '0.045 mm', '0.055 mm'],
        ['limits.piston_clearance engine maker.max', '0.060 mm', '0.065 mm'],
        ['limits.piston_clearance engine maker.service_max', '0.100 mm', '0.11 mm'],
        ['limits.head_flatness engine maker.max', '0.03 mm', '0.04 mm'],
        ['limits.ring_gap top engine maker.rule.min', null, '0.004 in'],
        ['limits.ring_gap top engine maker.rule.per', null, '1 in'],
        ['limits.ring_gap top engine maker.quantity', null, 'ring_gap'],
        ['limits.ring_gap top engine maker.source', null, 'engine maker'],
        ['limits.ring_gap top engine maker.of', null, 'top'],
    ]);
});

it('reads every quantity that is judged by its own name', function (string $name) {
    $row = LimitTable::read("$name\tmax 1", SourceKind::Shop)[0];
    expect($row->quantity?->value)->toBe(str_replace(' ', '_', $name));
})->with(array_map(fn (string $name): string => str_replace('_', ' ', $name), Moltrek\Core\Sheet\JudgedQuantity::names()));

it('finds nothing different in a sheet and itself, and says what only one has', function () {
    expect(Difference::between(bare('harbick-421'), bare('harbick-421')))->toBe([]);
    $other = bare('harbick-421');
    unset($other->waits);
    $other->geometry->bore = '87.0 mm';
    $paths = array_map(fn (Difference $each): string => $each->path, Difference::between(bare('harbick-421'), $other, ['waits']));
    expect($paths)->toBe(['geometry.bore']);
});
