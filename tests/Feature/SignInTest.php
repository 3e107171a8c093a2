<?php

use Database\Seeders\DemoSignIns;

it('lets the demo people in and says who they are', function (string $username, string $role) {
    $this->postJson('/api/session', ['username' => ' '.ucfirst($username), 'password' => DemoSignIns::all()[$username]])
        ->assertOk()->assertJsonPath('person.username', $username)->assertJsonPath('person.role', $role);
    $this->getJson('/api/session')->assertJsonPath('person.username', $username);
})->with([['isla', 'owner'], ['tomas', 'mechanic'], ['petra', 'apprentice']]);

it('refuses a wrong password without saying which half was wrong', function (string $username) {
    $this->postJson('/api/session', ['username' => $username, 'password' => 'not-it'])
        ->assertStatus(422)->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('detail', 'Name and password do not go together. Try again, or ask the owner.');
    $this->assertGuest();
})->with(['tomas', 'nobody']);

it('slows down somebody who guesses', function () {
    foreach (range(1, 8) as $try) {
        $this->postJson('/api/session', ['username' => 'petra', 'password' => 'guess '.$try])->assertStatus(422);
    }
    $this->postJson('/api/session', ['username' => 'petra', 'password' => DemoSignIns::all()['petra']])->assertStatus(429);
});

it('forgets the person who signs out', function () {
    $this->actingAs($this->person())->deleteJson('/api/session')->assertNoContent();
    $this->assertGuest();
});

it('keeps everything but sign-in and health behind it', function (string $method, string $path) {
    $this->json($method, $path)->assertStatus(401)->assertHeader('Content-Type', 'application/problem+json');
})->with([
    ['GET', '/api/floor'], ['GET', '/api/jobs/214'], ['POST', '/api/jobs/214/entries'], ['POST', '/api/jobs/214/preview'],
    ['GET', '/api/jobs/214/record'], ['GET', '/api/jobs/214/record.json'], ['GET', '/api/jobs/214/record.csv'],
    ['GET', '/api/calculations'], ['POST', '/api/calculations/convert'],
]);

it('needs no sign-in to say that it is well', function () {
    $this->getJson('/api/health')->assertOk()->assertJson(['status' => 'ok']);
});

it('guards what is sent with a token', function () {
    // the framework lets tests pass without one, so the guard is asked directly
    $guard = new class(app(), app('encrypter')) extends Illuminate\Foundation\Http\Middleware\ValidateCsrfToken
    {
        protected function runningUnitTests(): bool
        {
            return false;
        }
    };
    $request = Illuminate\Http\Request::create('/api/jobs/214/entries', 'POST');
    $request->setLaravelSession(app('session.store'));
    expect(fn () => $guard->handle($request, fn () => response('in')))->toThrow(Illuminate\Session\TokenMismatchException::class);
});

it('forbids every outside origin', function () {
    $policy = (string) $this->get('/')->assertOk()->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'none'")->toContain("script-src 'self'")->not->toContain('unsafe')->not->toContain('http');
    $this->getJson('/api/session')->assertHeader('X-Content-Type-Options', 'nosniff');
});

it('answers what is not there as a problem document', function () {
    $this->actingAs($this->person())->getJson('/api/jobs/999')->assertStatus(404)->assertHeader('Content-Type', 'application/problem+json')->assertJsonPath('status', 404);
});
