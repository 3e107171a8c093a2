<?php

use App\Calculations\Reference;
use App\Console\Commands\OpenApi;
use App\OpenApi\TradeWords;
use Symfony\Component\Process\Process;

it('describes the interface as the controllers have it', function () {
    expect(file_get_contents(base_path('docs/openapi.json')))->toBe(OpenApi::text());
});

it('gives the front end the words of the trade as the core has them', function () {
    expect(file_get_contents(base_path('resources/js/app/words.ts')))->toBe(TradeWords::text());
});

it('types the front end by that description', function () {
    $out = base_path('var/api-types.check.d.ts');
    (new Process(['npx', 'openapi-typescript', 'docs/openapi.json', '-o', $out], base_path()))->mustRun();
    expect(file_get_contents(base_path('resources/js/app/api-types.d.ts')))->toBe(file_get_contents($out));
});

it('keeps the reference of the calculations as the code has them', function () {
    expect(file_get_contents(base_path('docs/calculations.md')))->toBe(Reference::text());
});
