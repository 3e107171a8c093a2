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

it('gives a cookie as long to live as was meant, wherever the application’s clock stands beside the machine’s', function (int $ahead) {
    // what the machine’s clock says and what the application’s does lie so many seconds apart
    Carbon\CarbonImmutable::setTestNow(Carbon\CarbonImmutable::createFromTimestamp(time() + $ahead));
    Carbon\Carbon::setTestNow(Carbon\Carbon::createFromTimestamp(time() + $ahead));
    // a folder of its own: what is old is swept out of it now and then, by chance
    $folder = sys_get_temp_dir().'/moltrek-lives-'.getmypid();
    mkdir($folder);
    config(['app.clock_ahead' => $ahead, 'session.driver' => 'file', 'session.files' => $folder, 'session.lottery' => [1, 1]]);
    $answer = $this->postJson('/api/session', ['username' => 'tomas', 'password' => DemoSignIns::all()['tomas']])->assertOk();
    $lives = [];
    foreach ($answer->headers->getCookies() as $cookie) {
        $lives[preg_replace('/_[0-9a-f]{40}$/', '', $cookie->getName())] = round(($cookie->getExpiresTime() - time()) / 86_400);
    }
    array_map(unlink(...), glob($folder.'/*') ?: []);
    rmdir($folder);
    // seven days of a session, thirty of being remembered
    expect($lives)->toEqual(['moltrek_session' => 7, 'remember_web' => 30]);
})->with(['a week behind' => -7 * 86_400, 'four hundred days behind' => -400 * 86_400, 'together' => 0, 'a hundred days ahead' => 100 * 86_400]);

it('tells the age of a session by the clock that dates its file, and lets nobody else read it', function () {
    $folder = sys_get_temp_dir().'/moltrek-sessions-'.getmypid();
    mkdir($folder);
    $sessions = new App\Upkeep\SessionFiles(new Illuminate\Filesystem\Filesystem, $folder, 60);
    $sessions->write('one', 'who');
    Carbon\Carbon::setTestNow('2100-01-01T00:00:00Z');
    expect($sessions->read('one'))->toBe('who')->and(fileperms($folder.'/one') & 0777)->toBe(0600);
    // a life that ended a minute ago
    $over = new App\Upkeep\SessionFiles(new Illuminate\Filesystem\Filesystem, $folder, -1);
    expect($over->read('one'))->toBe('')->and($sessions->read('none'))->toBe('');
    unlink($folder.'/one');
    rmdir($folder);
});

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
