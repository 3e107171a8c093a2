<?php

use App\Actions\Voucher;
use App\Models\Device;
use App\Models\Job;
use Database\Seeders\DemoSeeder;
use Database\Seeders\DemoSignIns;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Tests\TestCase;

/** A tablet of the shop: enrolled by its owner, who has gone again. */
function tabletOf(TestCase $test): TestCase
{
    $answer = $test->actingAs($test->person('isla'))->postJson('/api/devices', ['name' => 'bench 1'])->assertOk()->assertJsonPath('0.name', 'bench 1');
    $cookie = $answer->getCookie('moltrek_device');
    $test->deleteJson('/api/session');
    foreach (['tomas' => '4711', 'petra' => '2907'] as $username => $pin) {
        $test->person($username)->update(['pin_hash' => Hash::make($pin)]);
    }

    return $test->withCookie('moltrek_device', (string) $cookie?->getValue())->withCredentials();
}

/** Somebody at the tablet types initials and a PIN. */
function takes(TestCase $test, string $initials, string $pin)
{
    return $test->postJson('/api/bench', ['initials' => $initials, 'pin' => $pin]);
}

it('is taken over by initials and PIN, and the next entry is theirs', function () {
    $tablet = tabletOf($this);
    $tablet->getJson('/api/bench')->assertJsonPath('tablet', 'bench 1')->assertJsonPath('people.*.initials', ['TW', 'PQ']);
    takes($tablet, 'tw', '4711')->assertOk()->assertJsonPath('person.username', 'tomas');
    $tablet->postJson('/api/jobs/214/entries', ['entries' => [$this->entry('note_written', ['text' => 'Mine.'])]])->assertJsonPath('results.0.state', 'stored');
    takes($tablet, 'PQ', '2907')->assertOk()->assertJsonPath('person.username', 'petra');
    $tablet->postJson('/api/jobs/214/entries', ['entries' => [$this->entry('note_written', ['text' => 'Mine too.'])]])->assertJsonPath('results.0.state', 'stored');
    $by = DB::table('log_entries')->join('users', 'users.id', '=', 'user_id')->orderByDesc('seq')->limit(2)->pluck('initials')->all();
    expect($by)->toBe(['PQ', 'TW']);
});

it('is worth nothing on a tablet that is not the shop’s, or no more', function () {
    $this->person('tomas')->update(['pin_hash' => Hash::make('4711')]);
    takes($this, 'TW', '4711')->assertStatus(422)->assertJsonPath('field', 'pin');
    $this->getJson('/api/bench')->assertJsonPath('tablet', null)->assertJsonPath('people', []);
    $tablet = tabletOf($this);
    $device = Device::query()->firstOrFail();
    $this->actingAs($this->person('isla'))->deleteJson('/api/devices/'.$device->id)->assertOk()->assertExactJson([]);
    $this->deleteJson('/api/session');
    takes($tablet, 'TW', '4711')->assertStatus(422);
    // a cookie that somebody has made up
    $this->withCookie('moltrek_device', $device->id.'|made-up');
    takes($this, 'TW', '4711')->assertStatus(422);
});

it('is shut after five wrong PINs, on the tablet and for the person', function () {
    $tablet = tabletOf($this);
    foreach (range(1, 5) as $try) {
        takes($tablet, 'TW', '000'.$try)->assertStatus(422)->assertJsonPath('message', 'Initials and PIN do not go together.');
    }
    takes($tablet, 'TW', '4711')->assertStatus(429);
    takes($tablet, 'PQ', '2907')->assertStatus(429);
    $this->travel(16)->minutes();
    takes($tablet, 'TW', '4711')->assertOk();
});

it('says the same of a wrong PIN, of nobody and of somebody who has none or may not sign in', function (string $initials, string $pin) {
    $tablet = tabletOf($this);
    $this->person('petra')->update(['disabled_at' => now()]);
    takes($tablet, $initials, $pin)->assertStatus(422)->assertJsonPath('message', 'Initials and PIN do not go together.');
})->with([['TW', '4712'], ['ZZ', '4711'], ['IC', '4711'], ['PQ', '2907']]);

it('opens the bench by a PIN, and not what a password guards', function () {
    $tablet = tabletOf($this);
    $this->person('isla')->update(['pin_hash' => Hash::make('8351')]);
    takes($tablet, 'IC', '8351')->assertOk();
    $tablet->getJson('/api/floor')->assertOk();
    foreach (['/api/people', '/api/devices', '/api/condition'] as $path) {
        $tablet->getJson($path)->assertStatus(403)->assertJsonPath('detail', 'You took the bench over by your PIN. Sign in with your password for this.');
    }
    $tablet->postJson('/api/session', ['username' => 'isla', 'password' => DemoSignIns::all()['isla']])->assertOk();
    $tablet->getJson('/api/people')->assertOk();
});

it('is left by somebody who has done nothing for half an hour', function () {
    $tablet = tabletOf($this);
    takes($tablet, 'TW', '4711')->assertOk();
    $this->travel(29)->minutes();
    $tablet->postJson('/api/jobs/214/entries', ['entries' => [$this->entry('note_written', ['text' => 'Still here.'])]])->assertOk();
    $this->travel(29)->minutes();
    $tablet->getJson('/api/floor')->assertOk();
    $this->travel(2)->minutes();
    $tablet->getJson('/api/floor')->assertStatus(401);
});

it('lets a second person look by their own PIN, and believes no tablet that says so by itself', function () {
    $tablet = tabletOf($this);
    takes($tablet, 'TW', '4711')->assertOk();
    // a job at which a hold's turn has come
    [$job, $hold] = collect(DemoSeeder::JOBS)->lazy()->map(fn (int $job): array => [$job, collect($tablet->getJson("/api/jobs/$job")->json('planning.steps'))
        ->first(fn (array $step): bool => $step['kind'] === 'hold' && $step['canBeDone'] && collect($step['asks'])->contains('by', null))])->first(fn (array $found): bool => $found[1] !== null);
    $items = collect($hold['asks'])->where('by', null)->pluck('item')->values();
    [$item, $other] = [$items[0], $items[1]];
    $vouchers = $tablet->postJson('/api/bench/second', ['initials' => 'PQ', 'pin' => '2907', 'job' => $job, 'hold' => $hold['id'], 'items' => [$item, $other]])->assertOk()->json('vouchers');
    $answer = fn (array $said, ?int $at = null) => $tablet->postJson("/api/jobs/$job/entries", ['entries' => [$this->entry('hold_answered', $said + ['hold' => $hold['id'], 'item' => $at ?? $item, 'second' => 'PQ'])]]);
    $refused = fn ($answered) => $answered->assertJsonPath('results.0.refusal.field', 'payload.vouched');
    $refused($answer(['vouched' => true]));
    $refused($answer(['vouched' => 'made up']));
    $refused($answer(['vouched' => $vouchers[$item], 'second' => 'IC']));
    // the question beside it, and a hold of that name on another job
    $refused($answer(['vouched' => $vouchers[$other]]));
    $elsewhere = Job::query()->where('number', '!=', $job)->firstOrFail();
    expect(Voucher::spend($vouchers[$item], 'PQ', $this->person('tomas'), $elsewhere, $hold['id'], $item))->toBeFalse();
    $answer(['vouched' => $vouchers[$item]])->assertJsonPath('results.0.state', 'stored');
    $slip = $tablet->getJson("/api/jobs/$job")->json('log.slip');
    expect(collect($slip)->pluck('text')->filter(fn (string $text): bool => str_ends_with($text, ', with PQ by their own PIN')))->toHaveCount(1);
    // good once, and not for ever
    expect(Voucher::spend($vouchers[$item], 'PQ', $this->person('tomas'), $this->job($job), $hold['id'], $item))->toBeFalse();
    $this->travel(13)->hours();
    takes($tablet, 'TW', '4711')->assertOk();
    $refused($answer(['vouched' => $vouchers[$other]], $other));
});

it('takes no voucher of a namesake in another shop, and none that somebody gives themselves', function () {
    $tablet = tabletOf($this);
    takes($tablet, 'TW', '4711')->assertOk();
    $job = $this->job(214);
    $voucher = Voucher::give($this->person('petra'), $this->person('tomas'), $job, 'hold.head', 0);
    config(['database.connections.pgsql.database' => 'moltrek_own']);
    DB::connection()->setDatabaseName('moltrek_own');
    expect(Voucher::spend($voucher, 'PQ', $this->person('tomas'), $job, 'hold.head', 0))->toBeFalse();
    DB::connection()->setDatabaseName('moltrek_test');
    expect(Voucher::spend($voucher, 'PQ', $this->person('tomas'), $job, 'hold.head', 0))->toBeTrue();
    $tablet->postJson('/api/bench/second', ['initials' => 'TW', 'pin' => '4711', 'job' => 214, 'hold' => 'hold.head', 'items' => [0]])->assertStatus(422)->assertJsonPath('field', 'initials');
    foreach ([[], [-1], ['0'], 'all', range(0, 60)] as $items) {
        $tablet->postJson('/api/bench/second', ['initials' => 'PQ', 'pin' => '2907', 'job' => 214, 'hold' => 'hold.head', 'items' => $items])->assertStatus(422)->assertJsonPath('field', 'items');
    }
});

it('works no more on a tablet that was removed, whoever is signed in on it and however', function (Closure $in) {
    $tablet = tabletOf($this);
    $in($tablet);
    $tablet->getJson('/api/floor')->assertOk();
    Device::query()->update(['revoked_at' => now()]);
    $tablet->getJson('/api/floor')->assertStatus(401);
    // and nobody is remembered there
    $this->app['session']->flush();
    $this->app['auth']->forgetGuards();
    $tablet->getJson('/api/floor')->assertStatus(401);
})->with([
    'by a PIN' => [fn (TestCase $tablet) => takes($tablet, 'TW', '4711')->assertOk()],
    'by a password' => [fn (TestCase $tablet) => $tablet->postJson('/api/session', ['username' => 'isla', 'password' => DemoSignIns::all()['isla']])->assertOk()],
]);

it('takes as a PIN what nobody tries first, from whoever knows the password', function (string $current, string $pin, int $status) {
    $current = $current === 'right' ? DemoSignIns::all()['petra'] : $current;
    $this->actingAs($this->person('petra'))->postJson('/api/pin', ['current' => $current, 'pin' => $pin])->assertStatus($status);
    expect($this->person('petra')->pin_hash !== null)->toBe($status === 200);
})->with([
    'four digits' => ['right', '2907', 200], 'eight' => ['right', '29071655', 200], 'the wrong password' => ['wrong', '2907', 422], 'three' => ['right', '290', 422],
    'letters' => ['right', '29o7', 422], 'all the same' => ['right', '7777', 422], 'in a row' => ['right', '3456', 422], 'backwards' => ['right', '8765', 422],
    'two again' => ['right', '1212', 422], 'there and back' => ['right', '2772', 422], 'a year' => ['right', '1984', 422], 'a day' => ['right', '241184', 422], 'a day in full' => ['right', '24111984', 422],
    'a column of the keys' => ['right', '2580', 422], 'the corners' => ['right', '1379', 422], 'odd ones' => ['right', '1357', 422], 'two digits alone' => ['right', '7722', 422], 'three again' => ['right', '471471', 422],
]);
