<?php

use Illuminate\Support\Facades\Route as Routes;

/** @return list<array{string, string}> every method and address of the interface, places filled in with what exists */
function everyRoute(): array
{
    $filled = ['{job}' => '214', '{step}' => 'pull.head', '{slab}' => 'head', '{cylinder}' => '1', '{spot}' => 'piston.1', '{name}' => 'convert', '{slug}' => 'ulvane-139r', '{id}' => 'm2', '{user}' => 'petra', '{device}' => '01900000-0000-7000-8000-000000000000'];
    // what a tablet is asked before anybody is signed in
    $open = ['GET api/health', 'GET api/session', 'POST api/session', 'DELETE api/session', 'GET api/shop', 'POST api/shop/begin', 'GET api/bench', 'POST api/bench', 'POST api/shops/{shop}', 'GET api/welcome/{code}', 'POST api/welcome/{code}'];
    $routes = [];
    foreach (Routes::getRoutes()->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/')) {
            foreach (array_filter(array_diff($route->methods(), ['HEAD']), fn (string $method): bool => ! in_array($method.' '.$route->uri(), $open, true)) as $method) {
                $uri = str_replace('photos/{id}', 'photos/01900000-0000-7000-8000-000000000000', $route->uri());
                $routes[] = [$method, '/'.strtr($uri, $filled)];
            }
        }
    }

    return $routes;
}

it('lets nobody in who is not signed in, whatever is asked', function () {
    $routes = everyRoute();
    expect(count($routes))->toBeGreaterThan(28);
    foreach ($routes as [$method, $path]) {
        $answer = $this->json($method, $path);
        expect([$path, $answer->status(), $answer->headers->get('Content-Type')])->toBe([$path, 401, 'application/problem+json']);
    }
});

it('answers rubbish with a problem document and never with a fault', function (string $body) {
    $this->actingAs($this->person('isla'));
    foreach (everyRoute() as [$method, $path]) {
        if ($method !== 'POST' || preg_match('~photos|calendar|/code$~', $path) === 1) {
            continue;
        }
        $answer = $this->call('POST', $path, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
        if (str_ends_with($path, 'preview') && $answer->status() === 200) {
            // a preview never stands in the way: what it could not read is part of its answer
            expect($answer->json('refusal.field'))->not->toBeNull();

            continue;
        }
        expect([$path, $answer->status()])->toBe([$path, 422])->and($answer->headers->get('Content-Type'))->toBe('application/problem+json')
            ->and($answer->json())->toHaveKeys(['title', 'status', 'detail']);
    }
})->with([
    'no body' => [''], 'no JSON' => ['{"a":'], 'a list' => ['[1,2]'], 'a number' => ['5'], 'a key that nobody knows' => ['{"colour":"red"}'], 'not even text' => ["\xff\xfe"],
]);

it('answers rubbish before anybody is signed in', function (string $path, int $status) {
    foreach (['', '{"a":', '[1,2]', '{"colour":"red"}', "\xff\xfe"] as $body) {
        $answer = $this->call('POST', $path, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
        expect([$body, $answer->status(), $answer->headers->get('Content-Type')])->toBe([$body, $status, 'application/problem+json']);
    }
})->with([['/api/session', 422], ['/api/bench', 422], ['/api/shop/begin', 422], ['/api/shops/red', 422], ['/api/welcome/red', 404]]);

it('answers what does not exist with 404 and a problem document', function (string $path) {
    $this->actingAs($this->person())->getJson($path)->assertStatus(404)->assertHeader('Content-Type', 'application/problem+json');
})->with([
    '/api/jobs/9999', '/api/jobs/9999/record', '/api/jobs/214/lift-cost/roof', '/api/jobs/214/lift-cost/case', '/api/jobs/214/trays/roof.svg', '/api/jobs/214/stand-in/piston.9',
    '/api/sheets/steam-1/sheet.json', '/api/sheets/steam-1/limits.csv', '/api/photos/01900000-0000-7000-8000-000000000000', '/api/nothing',
]);

it('answers the wrong method with 405', function () {
    $this->actingAs($this->person())->deleteJson('/api/jobs/214')->assertStatus(405)->assertHeader('Content-Type', 'application/problem+json');
});

it('tells every browser what it may load, on every screen', function (string $path) {
    $policy = (string) $this->get($path)->assertOk()->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'none'")->not->toContain('unsafe-inline')->not->toContain('https:');
})->with(['/', '/sign-in', '/jobs/214', '/jobs/214/parts', '/intake', '/toolbox']);
