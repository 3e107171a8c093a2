<?php

use App\Policies\NewPin;
use App\Policies\SecondFactor;
use App\Upkeep\SecurityEvent;
use App\Upkeep\SecurityLog;
use Database\Seeders\DemoSignIns;
use Illuminate\Log\Events\MessageLogged;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;

/** The bytes of a secret in base 32. */
function secretOf(string $base32): string
{
    $bits = implode('', array_map(fn (string $letter): string => sprintf('%05b', strpos('ABCDEFGHIJKLMNOPQRSTUVWXYZ234567', $letter)), str_split($base32)));

    return implode('', array_map(fn (string $eight): string => chr((int) bindec($eight)), str_split($bits, 8)));
}

function signsIn($test, string $who, array $more = [])
{
    return $test->postJson('/api/session', ['username' => $who, 'password' => DemoSignIns::all()[$who]] + $more);
}

it('counts the codes of a second factor as RFC 6238 does', function (int $at, string $code) {
    // appendix B, SHA-1, of which the last six of eight digits are shown
    expect(SecondFactor::code('12345678901234567890', intdiv($at, 30)))->toBe($code);
})->with([[59, '287082'], [1111111109, '081804'], [1111111111, '050471'], [1234567890, '005924'], [2000000000, '279037'], [20000000000, '353130']]);

it('asks for a code once a first one has confirmed the telephone, and takes none twice', function () {
    $isla = $this->person('isla');
    $this->actingAs($isla)->postJson('/api/second-factor', ['current' => 'not it'])->assertStatus(422)->assertJsonPath('field', 'current');
    $answer = $this->postJson('/api/second-factor', ['current' => DemoSignIns::all()['isla']])->assertOk();
    $secret = secretOf($answer->json('secret'));
    expect($answer->json('address'))->toStartWith('otpauth://totp/Brannoch%20Slip%20Engine%20Room%3Aisla?secret='.$answer->json('secret'));
    // not asked for before it is confirmed
    signsIn($this, 'isla')->assertOk();
    $now = fn (): string => SecondFactor::code($secret, intdiv(now()->getTimestamp(), 30));
    $this->postJson('/api/second-factor/confirm', ['code' => '000000'])->assertStatus(422)->assertJsonPath('field', 'code');
    $codes = $this->postJson('/api/second-factor/confirm', ['code' => $now()])->assertOk()->json('codes');
    expect($codes)->toHaveCount(10)->and(array_unique($codes))->toHaveCount(10);
    $this->deleteJson('/api/session');

    signsIn($this, 'isla')->assertStatus(422)->assertJsonPath('field', 'code');
    $this->assertGuest();
    // the one that confirmed it has been used
    signsIn($this, 'isla', ['code' => $now()])->assertStatus(422);
    $this->travel(30)->seconds();
    signsIn($this, 'isla', ['code' => substr_replace($now(), ' ', 3, 0)])->assertOk()->assertJsonPath('secondFactor', true);
    $this->deleteJson('/api/session');
    signsIn($this, 'isla', ['code' => $now()])->assertStatus(422)->assertJsonPath('field', 'code');
    // a wrong password says nothing of the code
    $this->postJson('/api/session', ['username' => 'isla', 'password' => 'not it', 'code' => '123456'])->assertStatus(422)->assertJsonPath('field', 'password');

    // the telephone lies in the harbour: a code on paper, once
    signsIn($this, 'isla', ['code' => strtoupper($codes[3])])->assertOk();
    $this->getJson('/api/second-factor')->assertJsonPath('codesLeft', 9)->assertJsonPath('on', true)->assertJsonPath('advised', true);
    $this->deleteJson('/api/session');
    $this->travel(2)->minutes();
    signsIn($this, 'isla', ['code' => $codes[3]])->assertStatus(422);
    signsIn($this, 'isla', ['code' => $codes[4]])->assertOk();
    $this->deleteJson('/api/second-factor', ['current' => DemoSignIns::all()['isla']])->assertOk()->assertJsonPath('on', false);
    $this->deleteJson('/api/session');
    signsIn($this, 'isla')->assertOk();
});

it('keeps the secret of a second factor locked', function () {
    $this->actingAs($this->person('isla'))->postJson('/api/second-factor', ['current' => DemoSignIns::all()['isla']])->assertOk();
    $kept = DB::table('users')->where('username', 'isla')->value('totp_secret');
    expect($kept)->not->toBeNull()->and(strlen((string) base64_decode(Crypt::decryptString($kept), true)))->toBe(20);
});

it('counts every byte of a password, and takes over what an older version has hashed', function () {
    $long = str_repeat('forty grey gulls on the slip, ', 4);
    expect(strlen($long))->toBeGreaterThan(72);
    $this->actingAs($this->person('tomas'))->postJson('/api/password', ['current' => DemoSignIns::all()['tomas'], 'password' => $long.'one'])->assertOk();
    $this->postJson('/api/session', ['username' => 'tomas', 'password' => $long.'two'])->assertStatus(422);
    $this->postJson('/api/session', ['username' => 'tomas', 'password' => $long.'one'])->assertOk();
    DB::table('users')->where('username', 'petra')->update(['password' => password_hash('an old one from before', PASSWORD_BCRYPT, ['cost' => 4])]);
    $this->postJson('/api/session', ['username' => 'petra', 'password' => 'an old one from before'])->assertOk();
    expect(DB::table('users')->where('username', 'petra')->value('password'))->toStartWith('$argon2id$');
    $this->postJson('/api/session', ['username' => 'petra', 'password' => 'an old one from before'])->assertOk();
});

it('goes on without the estimator where it does not answer, by the list alone', function () {
    $written = [];
    Event::listen(MessageLogged::class, function (MessageLogged $message) use (&$written): void {
        $written[] = json_encode($message);
    });
    config(['app.node' => '/nowhere/node']);
    $this->actingAs($this->person('tomas'))->postJson('/api/password', ['current' => DemoSignIns::all()['tomas'], 'password' => 'password1'])->assertStatus(422);
    $this->postJson('/api/password', ['current' => DemoSignIns::all()['tomas'], 'password' => 'forty grey gulls'])->assertOk();
    expect($written)->toHaveCount(1)->and($written[0])->toContain('The estimator of passwords does not answer.')->not->toContain('gulls');
});

it('knows which PINs are a pattern', function (string $pin, bool $isPattern) {
    expect(NewPin::isPattern($pin))->toBe($isPattern);
})->with([
    ['4711', false], ['2907', false], ['8351', false], ['4719', false], ['0000', true], ['9876', true], ['7890', true], ['2468', true], ['5858', true], ['6336', true], ['1969', true], ['2031', true], ['3110', false],
    ['310584', true], ['19840531', true], ['147258', true], ['481516', false], ['90210', false],
]);

it('ends the address of a calendar with everything else that somebody signs out of', function (Closure $ends) {
    $tomas = $this->person('tomas');
    $address = $this->actingAs($tomas)->getJson('/api/dates')->json('calendar');
    $this->get($address)->assertOk();
    $ends($this);
    $this->get($address)->assertNotFound();
})->with([
    'signed out everywhere' => [fn ($test) => $test->deleteJson('/api/sessions')->assertNoContent()],
    'by the owner' => [fn ($test) => $test->actingAs($test->person('isla'))->deleteJson('/api/people/tomas/sessions')->assertOk()],
    'shut out' => [fn ($test) => $test->actingAs($test->person('isla'))->postJson('/api/people/tomas', ['disabled' => true])->assertOk()],
    'another password' => [fn ($test) => $test->postJson('/api/password', ['current' => DemoSignIns::all()['tomas'], 'password' => 'forty grey gulls'])->assertOk()],
]);

it('remembers somebody for thirty days, and not past the end of their sessions', function () {
    $cookie = collect(signsIn($this, 'tomas')->headers->getCookies())->first(fn ($cookie): bool => str_starts_with($cookie->getName(), 'remember_web'));
    $again = function () use ($cookie) {
        $this->app['session']->flush();
        $this->app['auth']->forgetGuards();

        return $this->withUnencryptedCookie($cookie->getName(), $cookie->getValue())->withCredentials()->getJson('/api/floor');
    };
    $again()->assertOk();
    $this->person('tomas')->endSessions();
    $again()->assertStatus(401);
});

it('tells whoever has not signed in the shop’s name and no more', function () {
    $this->getJson('/api/shop')->assertOk()->assertJsonPath('name', 'Brannoch Slip Engine Room')->assertJsonPath('begun', true)
        ->assertJsonPath('zone', '')->assertJsonPath('hours', [])->assertJsonPath('units', [])->assertJsonPath('benches', [])->assertJsonPath('suppliers', [])->assertJsonPath('zones', []);
    $this->actingAs($this->person())->getJson('/api/shop')->assertJsonPath('zone', 'Europe/London')->assertJsonCount(3, 'benches');
});

it('opens a job once', function (string $who) {
    $this->actingAs($this->person($who))->postJson('/api/jobs/214/entries', ['entries' => [$this->entry('job_opened', ['condition' => 'whole'])]])
        ->assertJsonPath('results.0.state', 'refused')->assertJsonPath('results.0.refusal.message', 'This job has been opened. What it is for can be changed, what came in cannot.');
})->with(['petra', 'isla']);

it('bounds the marks of tablets on which entries wait', function () {
    $isla = $this->person('isla');
    foreach (range(1, 70) as $tablet) {
        $this->actingAs($this->person('petra'))->getJson('/api/session', ['Outbox' => sprintf('tablet%04d %d', $tablet, $tablet)]);
    }
    $seen = $this->actingAs($isla)->getJson('/api/condition')->json('outboxes');
    // the newest of one person, and of everybody
    expect(count($seen))->toBe(12)->and(collect($seen)->pluck('waiting')->max())->toBe(70);
});

it('writes down who came in, who was refused and what changed of people and tablets, and nothing that was typed', function () {
    $this->postJson('/api/session', ['username' => 'tomas', 'password' => 'wrench in the bilge'])->assertStatus(422);
    $this->postJson('/api/session', ['username' => 'my password is gull', 'password' => 'x'])->assertStatus(422);
    signsIn($this, 'petra')->assertOk();
    $this->getJson('/api/people')->assertForbidden();
    signsIn($this, 'isla')->assertOk();
    $this->postJson('/api/people/petra', ['role' => 'mechanic'])->assertOk();
    $this->postJson('/api/devices', ['name' => 'bench 2'])->assertOk();
    $this->deleteJson('/api/devices/'.DB::table('devices')->value('id'))->assertOk();
    SecurityLog::note(SecurityEvent::BackedUp, about: 'moltrek-20261124-030000.tar.gz');
    $lines = collect($this->getJson('/api/security')->assertOk()->json());
    expect($lines->map(fn (array $line): array => [$line['what'], $line['who'], $line['about']])->all())->toBe([
        ['backed up', null, 'moltrek-20261124-030000.tar.gz'],
        ['tablet removed', 'Isla Corrant (IC)', 'bench 2'],
        ['tablet enrolled', 'Isla Corrant (IC)', 'bench 2'],
        ['role changed', 'Isla Corrant (IC)', 'Petra Quill: mechanic'],
        ['signed in', 'Isla Corrant (IC)', ''],
        ['refused for want of the right', 'Petra Quill (PQ)', 'manage-people'],
        ['signed in', 'Petra Quill (PQ)', ''],
        ['sign-in refused', null, ''],
        ['sign-in refused', 'Tomas Wend (TW)', ''],
    ])->and($lines->pluck('origin')->unique()->all())->toContain('127.0.0.1');
    expect(json_encode(DB::table('security_log')->get()))->not->toContain('gull')->not->toContain('bilge');
    $this->actingAs($this->person('tomas'))->getJson('/api/security')->assertForbidden();
});

it('lets nobody change what the log of security says', function () {
    SecurityLog::note(SecurityEvent::Exported);
    expect(fn () => DB::transaction(fn () => DB::table('security_log')->delete()))->toThrow(Illuminate\Database\QueryException::class, 'is kept as it is');
});

it('says under what is kept safe that a backup failed, until one has come about', function () {
    $failed = fn (): ?string => $this->actingAs($this->person('isla'))->getJson('/api/condition')->assertOk()->json('backupFailedAt');
    expect($failed())->toBeNull();
    expect($this->artisan('moltrek:note-security', ['what' => 'backup failed', 'about' => 'moltrek-2026-12-01.tar.gz']))->toBe(0);
    expect($failed())->toMatch('/^\d{4}-\d\d-\d\dT/');
    // somebody signing in changes nothing of it
    SecurityLog::note(SecurityEvent::SignedIn, $this->person('isla'));
    expect($failed())->not->toBeNull();
    expect($this->artisan('moltrek:note-security', ['what' => 'backed up', 'about' => 'moltrek-2026-12-02.tar.gz']))->toBe(0);
    expect($failed())->toBeNull();
});
