<?php

use App\Calculations\Reference;
use App\Console\Commands\OpenApi;
use App\OpenApi\Statements;
use App\OpenApi\TradeWords;
use Symfony\Component\Process\Process;

it('describes the interface as the controllers have it', function () {
    expect(file_get_contents(base_path('docs/openapi.json')))->toBe(OpenApi::text());
});

it('gives the front end the words of the trade as the core has them', function () {
    expect(file_get_contents(base_path('resources/js/app/words.ts')))->toBe(TradeWords::text());
});

it('gives the forms of the front end what each kind of entry states', function () {
    expect(file_get_contents(base_path('resources/js/app/statements.ts')))->toBe(Statements::text());
});

it('types the front end by that description', function () {
    $out = base_path('var/api-types.check.d.ts');
    (new Process(['npx', 'openapi-typescript', 'docs/openapi.json', '-o', $out], base_path()))->mustRun();
    expect(file_get_contents(base_path('resources/js/app/api-types.d.ts')))->toBe(file_get_contents($out));
});

it('keeps the reference of the calculations as the code has them', function () {
    expect(file_get_contents(base_path('docs/calculations.md')))->toBe(Reference::text());
});

it('says of each key of a kind what is typed there, and whether it must be', function (string $kind, string $key, string $is, bool $needed) {
    $stated = json_decode((string) preg_replace('/^.*?STATED = (.*) as const\n$/s', '$1', Statements::text()), true);
    expect($stated[$kind][$key])->toBe(['is' => $is, 'needed' => $needed]);
})->with([
    'a length' => ['stem_ground', 'taken', 'length', true],
    'a pressure' => ['leak_down_read', 'held', 'pressure', true],
    'a day that may lack' => ['work_sent', 'promised', 'day', false],
    'words that may lack' => ['work_back', 'note', 'text', false],
    'a choice' => ['act_done', 'act', 'choice', true],
    'a whole number' => ['rods_let_out', 'flats', 'number', true],
    'yes or no' => ['leak_gauge_read', 'starts', 'flag', false],
    'made of several' => ['thickness_decided', 'joints', 'several', true],
]);
