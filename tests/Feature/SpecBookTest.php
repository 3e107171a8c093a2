<?php

use App\Models\Sheet;
use Illuminate\Support\Facades\DB;

/** @return array<string, mixed> */
function sheetOf(string $slug): array
{
    return json_decode(file_get_contents(database_path("sheets/$slug.json")), true);
}

it('keeps every demo sheet to the published schema', function (string $file) {
    $result = (new Opis\JsonSchema\Validator)->validate(json_decode(file_get_contents($file)), file_get_contents(base_path('docs/schemas/engine-sheet.schema.json')));
    expect($result->isValid())->toBeTrue((string) json_encode($result->error() ? (new Opis\JsonSchema\Errors\ErrorFormatter)->format($result->error()) : null));
})->with(glob(__DIR__.'/../../database/sheets/*.json'));

it('shows who rules what, sources side by side', function () {
    $sheets = collect($this->actingAs($this->person())->getJson('/api/sheets')->assertOk()->json());
    expect($sheets)->toHaveCount(10);
    $limits = collect($sheets->firstWhere('slug', 'ulvane-139r')['limits']);
    $clearance = collect($limits->firstWhere('quantity', 'Piston clearance')['sources'])->keyBy('source');
    expect($clearance['piston maker']['rulesRange'])->toBeTrue()->and($clearance['piston maker']['rulesService'])->toBeFalse()
        ->and($clearance['engine maker']['rulesRange'])->toBeFalse()->and($clearance['engine maker']['rulesService'])->toBeTrue();
});

it('counts a rule on the bore out and says which bore', function () {
    $sheet = collect($this->actingAs($this->person())->getJson('/api/sheets')->json())->firstWhere('slug', 'ostrel-608');
    $gap = collect($sheet['limits'])->first(fn (array $limit): bool => $limit['quantity'] === 'Ring end gap' && $limit['of'] === 'top');
    // 0.0040 × 66.2 = 0.2648, 0.0055 × 66.2 = 0.3641
    expect(collect($gap['sources'])->firstWhere('source', 'ring maker')['text'])->toBe('0.265 to 0.364 mm (rule on the nominal bore)');
});

it('makes a new version of a changed sheet and leaves running jobs alone until they adopt it', function () {
    $changed = sheetOf('ulvane-139r');
    $changed['limits'][0]['max'] = '0.058 mm';
    $this->actingAs($this->person())->postJson('/api/sheets', ['document' => json_encode($changed)])->assertOk()->assertJsonPath('version', 2);
    $range = fn (): ?float => collect($this->getJson('/api/jobs/214')->json('measuring.assessments'))->firstWhere('id', 'piston_clearance.1')['ruler']['marks'][1]['at'];
    $this->getJson('/api/jobs/214')->assertJsonPath('engine.newerSheet', 2)->assertJsonPath('engine.sheetVersion', 1);
    expect($range())->toBe(0.065);
    $this->enter(214, $this->entry('sheet_adopted', ['version' => 2, 'from' => 1]))->assertJsonPath('results.0.state', 'stored');
    $this->getJson('/api/jobs/214')->assertJsonPath('engine.newerSheet', null)->assertJsonPath('engine.sheetVersion', 2);
    expect($range())->toBe(0.058)->and(Sheet::query()->where('slug', 'ulvane-139r')->count())->toBe(2);
    $adopted = $this->getJson('/api/jobs/214')->json('log.slip.0');
    expect($adopted['text'])->toBe('Sheet: version 2 in place of version 1');
    $this->enter(214, $this->entry('entry_struck', ['entry' => $adopted['id'], 'reason' => 'the old pistons went in'], at: '2026-11-24T11:40:00Z'))->assertJsonPath('results.0.state', 'stored');
    $this->getJson('/api/jobs/214')->assertJsonPath('engine.sheetVersion', 1);
    expect($range())->toBe(0.065);
});

it('refuses a sheet that cannot be used, by path, and keeps the book as it was', function (callable $spoil, string $field) {
    $sheet = sheetOf('harbick-421');
    $spoil($sheet);
    $count = DB::table('engine_sheets')->count();
    $this->actingAs($this->person())->postJson('/api/sheets', ['document' => json_encode($sheet)])->assertStatus(422)->assertJsonPath('field', $field);
    expect(DB::table('engine_sheets')->count())->toBe($count);
})->with([
    'a limit for nothing that is measured' => [function (array &$sheet): void {
        $sheet['limits'][0]['quantity'] = 'colour';
    }, 'limits.0.quantity'],
    'crossed limits' => [function (array &$sheet): void {
        $sheet['limits'][1]['min'] = '0.2 mm';
    }, 'limits.1.min'],
    'a valve of no cylinder' => [function (array &$sheet): void {
        $sheet['valve_train']['valves'][0]['cylinder'] = '9';
    }, 'valve_train.valves.0.cylinder'],
    'a bolt on no slab' => [function (array &$sheet): void {
        $sheet['fasteners'][0]['slab'] = 'roof';
    }, 'fasteners.0.slab'],
    'pressure in millimetres' => [function (array &$sheet): void {
        $sheet['limits'][count($sheet['limits']) - 1]['min'] = '600 mm';
    }, 'limits.22.min'],
]);

it('refuses what is not a document at all, and a change that is none', function () {
    $this->actingAs($this->person())->postJson('/api/sheets', ['document' => '{"schema":'])->assertStatus(422)->assertJsonPath('field', 'document');
    $this->postJson('/api/sheets', ['document' => json_encode(sheetOf('ulvane-139r'))])->assertStatus(422);
});

it('gives a sheet and its limits out as files that can be read in again', function () {
    $document = $this->actingAs($this->person())->get('/api/sheets/skarn-594/sheet.json')->assertOk()->getContent();
    expect(json_decode($document, true))->toBe(sheetOf('skarn-594'));
    $lines = explode("\n", trim($this->get('/api/sheets/skarn-594/limits.csv')->assertOk()->getContent()));
    expect($lines[0])->toStartWith('quantity,of,source,limit')->and(count($lines))->toBeGreaterThan(8);
});

it('says what other parts than the maker’s change', function () {
    $sheet = sheetOf('harbick-421');
    $sheet['id'] = 'harbick-440';
    $sheet['substitutions'] = [['replaces' => 'piston and barrel', 'by' => 'Quarrel 88 kit', 'source' => 'piston maker', 'bore' => '88.0 mm', 'limits' => [['quantity' => 'piston_clearance', 'source' => 'piston maker', 'min' => '0.055 mm', 'max' => '0.070 mm']], 'confirmed' => ['limits']]];
    $answer = $this->actingAs($this->person())->postJson('/api/sheets', ['document' => json_encode($sheet)])->assertOk();
    $texts = collect($answer->json('consequences'));
    // π/4 · 8.8² · 7.25 = 441.0; the gasket opens 87 over a bore of 88
    expect($texts->pluck('text')->implode(' '))->toContain('441.0 cm³')->toContain('too small, it would stand in the bore')
        ->and($texts->firstWhere('isWrong', true))->not->toBeNull()
        ->and($texts->firstWhere('isConfirmed', true)['text'])->toContain('now rules piston clearance');
});

it('calls no two limits of a sheet the same', function (string $slug) {
    $sheet = collect($this->actingAs($this->person())->getJson('/api/sheets')->json())->firstWhere('slug', $slug);
    $called = array_map(fn (array $limit): string => $limit['quantity'].', '.$limit['of'], $sheet['limits']);
    expect($called)->toBe(array_values(array_unique($called)))->not->toBe([]);
})->with(['harbick-421', 'ostrel-608', 'ulvane-139r', 'pellgrove-1092', 'ferrant-738']);
