<?php

use App\Models\Device;
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
    $item = collect($hold['asks'])->firstWhere('by', null)['item'];
    $voucher = $tablet->postJson('/api/bench/second', ['initials' => 'PQ', 'pin' => '2907', 'hold' => $hold['id']])->assertOk()->json('voucher');
    $answer = fn (array $said) => $tablet->postJson("/api/jobs/$job/entries", ['entries' => [$this->entry('hold_answered', ['hold' => $hold['id'], 'item' => $item, 'second' => 'PQ'] + $said)]]);
    $answer(['vouched' => true])->assertJsonPath('results.0.refusal.field', 'payload.vouched');
    $answer(['vouched' => 'made up'])->assertJsonPath('results.0.refusal.field', 'payload.vouched');
    $tablet->postJson("/api/jobs/$job/entries", ['entries' => [$this->entry('hold_answered', ['hold' => $hold['id'], 'item' => $item, 'second' => 'IC', 'vouched' => $voucher])]])->assertJsonPath('results.0.refusal.field', 'payload.vouched');
    $answer(['vouched' => $voucher])->assertJsonPath('results.0.state', 'stored');
    $slip = $tablet->getJson("/api/jobs/$job")->json('log.slip');
    expect(collect($slip)->pluck('text')->filter(fn (string $text): bool => str_ends_with($text, ', with PQ by their own PIN')))->toHaveCount(1);
    $this->travel(13)->hours();
    takes($tablet, 'TW', '4711')->assertOk();
    $answer(['vouched' => $voucher])->assertJsonPath('results.0.refusal.field', 'payload.vouched');
});

it('takes as a PIN what nobody tries first, from whoever knows the password', function (string $current, string $pin, int $status) {
    $current = $current === 'right' ? DemoSignIns::all()['petra'] : $current;
    $this->actingAs($this->person('petra'))->postJson('/api/pin', ['current' => $current, 'pin' => $pin])->assertStatus($status);
    expect($this->person('petra')->pin_hash !== null)->toBe($status === 200);
})->with([
    'four digits' => ['right', '2907', 200], 'eight' => ['right', '29071655', 200], 'the wrong password' => ['wrong', '2907', 422], 'three' => ['right', '290', 422],
    'letters' => ['right', '29o7', 422], 'all the same' => ['right', '7777', 422], 'in a row' => ['right', '3456', 422], 'backwards' => ['right', '8765', 422],
]);
