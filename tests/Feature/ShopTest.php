<?php

use App\Actions\BeginnersCode;
use App\Models\Role;
use App\Models\Shop;
use App\Models\ShopSettings;
use App\Models\User;
use Database\Seeders\DemoSignIns;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Quantity\Dimension;

const HARBOUR = ['name' => 'Sollin Yard', 'zone' => 'Atlantic/Faroe', 'hours' => ['tue' => ['07:30-12:00', '12:30-16:00']], 'units' => ['length' => 'in', 'torque' => 'lbf·ft']];

const MAIRI = ['name' => 'Mairi Holm', 'username' => 'mairi', 'initials' => 'mh', 'password' => 'three wet ferries'];

/** Nobody has begun the shop. */
function unbegun(): void
{
    foreach (['shop', 'job_summaries', 'rechecks'] as $table) {
        DB::table($table)->delete();
    }
    // the log cannot be emptied, so its people are given to nobody by another door
    DB::statement('ALTER TABLE log_entries DISABLE TRIGGER USER');
    DB::table('log_entries')->delete();
    DB::statement('ALTER TABLE log_entries ENABLE TRIGGER USER');
    DB::table('users')->delete();
    Shop::forget();
}

it('is begun once, with its owner signed in, and works by its own clock, hours and units', function () {
    unbegun();
    $this->getJson('/api/shop')->assertJsonPath('begun', false)->assertJsonPath('name', '');
    $this->postJson('/api/shop/begin', ['shop' => HARBOUR, 'owner' => MAIRI])->assertOk()
        ->assertJsonPath('person', ['username' => 'mairi', 'name' => 'Mairi Holm', 'initials' => 'MH', 'role' => 'owner']);
    // with the next request too, from the session alone
    $this->app['auth']->forgetGuards();
    $this->getJson('/api/session')->assertJsonPath('person.username', 'mairi');
    $this->getJson('/api/shop')->assertJsonPath('begun', true)->assertJsonPath('hours.tue', ['07:30-12:00', '12:30-16:00'])->assertJsonPath('units.length', 'in');
    expect(Shop::unitsOf(Dimension::Length))->toBe(['in', 'mm', 'thou'])->and(Shop::unitsOf(Dimension::Pressure)[0])->toBe('kPa')->and(Shop::zone())->toBe('Atlantic/Faroe');
    $this->postJson('/api/shop/begin', ['shop' => HARBOUR, 'owner' => ['username' => 'second'] + MAIRI])->assertStatus(409);
    expect(User::query()->count())->toBe(1);
});

it('says at its field what a shop or an owner cannot be, and begins nothing', function (array $shop, array $owner, string $field) {
    unbegun();
    $this->postJson('/api/shop/begin', ['shop' => $shop + HARBOUR, 'owner' => $owner + MAIRI])->assertStatus(422)->assertJsonPath('field', $field);
    expect(User::query()->exists())->toBeFalse()->and(ShopSettings::current())->toBeNull();
})->with([
    'no name' => [['name' => ''], [], 'shop.name'],
    'no such zone' => [['zone' => 'Brannoch/Slip'], [], 'shop.zone'],
    'never open' => [['hours' => ['mon' => []]], [], 'shop.hours'],
    'closes before it opens' => [['hours' => ['mon' => ['17:00-08:00']]], [], 'shop.hours'],
    'no such unit' => [['units' => ['torque' => 'stone']], [], 'shop.units.torque'],
    'a name that is none' => [[], ['username' => 'Mairi Holm'], 'owner.username'],
    'no initials' => [[], ['initials' => '7'], 'owner.initials'],
    'a short password' => [[], ['password' => 'seven 7'], 'owner.password'],
    'a common one' => [[], ['password' => 'PassWord1'], 'owner.password'],
    'the shop’s own name' => [[], ['password' => 'sollinyard1'], 'owner.password'],
    'who they are' => [[], ['password' => 'mairi1234holm'], 'owner.password'],
]);

it('is begun from the shop’s network by whoever has seen the code that the machine printed', function (mixed $code, int $status) {
    unbegun();
    config(['app.setup_code' => '34046f8c8c10']);
    $this->getJson('/api/shop')->assertJsonPath('wantsCode', true);
    $this->postJson('/api/shop/begin', ['shop' => HARBOUR, 'owner' => MAIRI, 'code' => $code])->assertStatus($status);
    expect(User::query()->exists())->toBe($status === 200);
})->with([['34046f8c8c10', 200], ['34046f8c8c11', 422], ['', 422], [null, 422]]);

it('knows the passwords that are tried first, however they are written', function (string $password, int $status) {
    unbegun();
    $this->postJson('/api/shop/begin', ['shop' => HARBOUR, 'owner' => ['password' => $password] + MAIRI])->assertStatus($status);
})->with([['password', 422], ['Iloveyou', 422], ['QWERTYUIOP', 422], ['12345678', 422], ['        ', 422], ['qwertyuiop quay', 422], ['abcabcabcabc', 422], ['Summer2026', 422], ['forty grey gulls', 200]]);

it('takes any eight characters that nobody would try first', function (string $password) {
    unbegun();
    $this->postJson('/api/shop/begin', ['shop' => HARBOUR, 'owner' => ['password' => $password] + MAIRI])->assertOk();
})->with(['k9 vw#2q', 'æðelstān', 'mairi and forty gulls', 'gulls on the slip', 'Ærø færge fra Søby']);

it('adds a person, who begins with a code of their own once', function () {
    $answer = $this->actingAs($this->person('isla'))->postJson('/api/people', ['name' => 'Joss Pell', 'username' => 'Joss', 'initials' => 'jp', 'role' => 'apprentice'])->assertOk();
    $code = $answer->json('code');
    expect($code)->toMatch('/^([a-z2-9]{4}-){3}[a-z2-9]{4}$/')->and(DB::table('users')->where('username', 'joss')->value('code_hash'))->not->toContain($code);
    $this->getJson('/api/people')->assertJsonPath('3.initials', 'JP')->assertJsonPath('3.awaited', true);
    $this->deleteJson('/api/session');
    $this->getJson('/api/welcome/'.strtoupper($code))->assertOk()->assertJsonPath('name', 'Joss Pell');
    $this->postJson("/api/welcome/$code", ['password' => 'joss pell'])->assertStatus(422)->assertJsonPath('field', 'password');
    $this->postJson("/api/welcome/$code", ['password' => 'wrench in the bilge'])->assertOk()->assertJsonPath('person.role', 'apprentice');
    $this->deleteJson('/api/session');
    $this->getJson("/api/welcome/$code")->assertStatus(404);
    $this->postJson("/api/welcome/$code", ['password' => 'another good one'])->assertStatus(404);
    $this->postJson('/api/session', ['username' => 'joss', 'password' => 'wrench in the bilge'])->assertOk();
});

it('lets a code be over after a week', function () {
    $code = BeginnersCode::give($this->person('petra'));
    $this->travel(8)->days();
    $this->getJson("/api/welcome/$code")->assertStatus(404);
});

it('gives nobody a name or initials that entries are known by already', function (array $said, string $field) {
    $this->actingAs($this->person('isla'))->postJson('/api/people', $said + ['name' => 'Joss Pell', 'username' => 'joss', 'initials' => 'JP', 'role' => 'mechanic'])
        ->assertStatus(422)->assertJsonPath('field', $field);
})->with([[['username' => 'Tomas'], 'username'], [['initials' => 'tw'], 'initials'], [['role' => 'captain'], 'role'], [['username' => 'j p'], 'username']]);

it('shuts somebody out at once, and lets them in again', function () {
    $petra = $this->person('petra');
    $this->actingAs($this->person('isla'))->postJson('/api/people/petra', ['disabled' => true])->assertOk();
    $this->postJson('/api/session', ['username' => 'petra', 'password' => DemoSignIns::all()['petra']])->assertStatus(422);
    $this->actingAs($petra->fresh())->getJson('/api/floor')->assertStatus(401);
    $this->actingAs($this->person('isla'))->postJson('/api/people/petra', ['disabled' => false])->assertOk();
    // what was open when they were shut out stays shut
    $this->actingAs($petra->fresh())->withSession(['epoch' => 0])->getJson('/api/floor')->assertStatus(401);
    $this->postJson('/api/session', ['username' => 'petra', 'password' => DemoSignIns::all()['petra']])->assertOk();
});

it('ends the sessions of somebody who lost a tablet', function () {
    $this->actingAs($this->person('isla'))->deleteJson('/api/people/petra/sessions')->assertOk();
    $this->actingAs($this->person('petra'))->withSession(['epoch' => 0])->getJson('/api/floor')->assertStatus(401);
    // and in the same second, for the clock has no part in it
    $this->actingAs($this->person('petra'))->withSession(['epoch' => 1])->getJson('/api/floor')->assertOk();
    $this->actingAs($this->person('petra'))->deleteJson('/api/sessions')->assertNoContent();
    $this->actingAs($this->person('petra'))->withSession(['epoch' => 1])->getJson('/api/floor')->assertStatus(401);
});

it('is never without an owner', function (array $said) {
    $this->actingAs($this->person('isla'))->postJson('/api/people/isla', $said)->assertStatus(422)->assertJsonPath('message', 'The shop would have no owner.');
    expect($this->person('isla')->role)->toBe(Role::Owner)->and($this->person('isla')->disabled_at)->toBeNull();
    // with a second one it may be
    $this->postJson('/api/people/tomas', ['role' => 'owner'])->assertOk();
    $this->postJson('/api/people/isla', $said)->assertOk();
})->with([[['role' => 'mechanic']], [['disabled' => true]]]);

it('changes a password for whoever knows the present one, and signs them out elsewhere', function () {
    $tomas = $this->person('tomas');
    $this->actingAs($tomas)->postJson('/api/password', ['current' => 'not it', 'password' => 'forty grey gulls'])->assertStatus(422)->assertJsonPath('field', 'current');
    $this->postJson('/api/password', ['current' => DemoSignIns::all()['tomas'], 'password' => 'tomas wend'])->assertStatus(422)->assertJsonPath('field', 'password');
    $this->postJson('/api/password', ['current' => DemoSignIns::all()['tomas'], 'password' => 'forty grey gulls'])->assertOk();
    $this->getJson('/api/floor')->assertOk();
    expect($this->person('tomas')->session_epoch)->toBe(1);
    $this->postJson('/api/session', ['username' => 'tomas', 'password' => DemoSignIns::all()['tomas']])->assertStatus(422);
    $this->postJson('/api/session', ['username' => 'tomas', 'password' => 'forty grey gulls'])->assertOk();
});

it('counts dates by the hours that the owner keeps', function () {
    $this->actingAs($this->person('isla'))->postJson('/api/shop', ['name' => 'Brannoch Slip', 'zone' => 'Europe/London', 'hours' => ['wed' => ['08:00-10:00']]])->assertOk();
    expect($this->getJson('/api/dates')->json('closedWeekdays'))->toBe([0, 1, 2, 4, 5, 6]);
    $this->postJson('/api/shop', ['name' => 'Brannoch Slip', 'zone' => 'Europe/London', 'hours' => []])->assertStatus(422)->assertJsonPath('field', 'hours');
});

it('speaks to no shop that this installation has not', function () {
    $this->postJson('/api/shops/own')->assertStatus(422)->assertJsonPath('field', 'shop');
    $this->getJson('/api/shop')->assertJsonPath('others', [])->assertJsonPath('key', '');
});

it('keeps the benches and suppliers that the owner names, and counts in open days when a part is here', function () {
    $shop = ['name' => 'Brannoch Slip', 'zone' => 'Europe/London', 'hours' => ['mon' => ['08:00-12:00'], 'thu' => ['08:00-12:00']]];
    $this->travelTo('2026-11-24T10:00:00Z');
    $named = $shop + ['benches' => ['By the door', 'Window'], 'suppliers' => [['name' => 'Dearg Parts', 'days' => 3]]];
    // Tuesday: Thursday, Monday, Thursday
    $this->actingAs($this->person('isla'))->postJson('/api/shop', $named)->assertOk()->assertJsonPath('benches', ['By the door', 'Window'])
        ->assertJsonPath('suppliers.0', ['name' => 'Dearg Parts', 'days' => 3, 'here' => '2026-12-03']);
    // what is not said stays
    $this->postJson('/api/shop', $shop)->assertOk()->assertJsonPath('benches', ['By the door', 'Window']);
    $this->postJson('/api/shop', $shop + ['benches' => ['Window', 'Window']])->assertStatus(422)->assertJsonPath('field', 'benches.1');
    $this->postJson('/api/shop', $shop + ['suppliers' => [['name' => 'Dearg Parts', 'days' => 'soon']]])->assertStatus(422)->assertJsonPath('field', 'suppliers.0.days');
});

it('has one machine on a bench, and a machine on one bench', function () {
    $on = fn (): array => array_column($this->actingAs($this->person('tomas'))->getJson('/api/floor')->json('benches'), 'job', 'name');
    expect($on())->toBe(['Bench 1' => 214, 'Bench 2' => 203, 'Bench 3' => 220]);
    $this->postJson('/api/benches', ['bench' => 'Bench 2', 'job' => 214])->assertOk();
    expect($on())->toBe(['Bench 1' => null, 'Bench 2' => 214, 'Bench 3' => 220]);
    $this->postJson('/api/benches', ['bench' => 'Bench 2', 'job' => null])->assertOk();
    $this->postJson('/api/benches', ['bench' => 'Bench 9', 'job' => 214])->assertStatus(422)->assertJsonPath('field', 'bench')->assertJsonPath('allowed', 'one of Bench 1, Bench 2, Bench 3');
    // one that has gone out stands nowhere, and what stood there stays
    $this->postJson('/api/benches', ['bench' => 'Bench 3', 'job' => 187])->assertStatus(422)->assertJsonPath('field', 'job');
    expect($on())->toBe(['Bench 1' => null, 'Bench 2' => null, 'Bench 3' => 220]);
});

it('counts dates by the hours that somebody keeps for themselves', function () {
    $this->travelTo('2026-11-24T10:00:00Z');
    $finish = fn (): array => collect($this->actingAs($this->person('isla'))->getJson('/api/dates')->json('jobs'))->pluck('finish', 'number')->all();
    $before = $finish();
    $this->postJson('/api/people/tomas', ['hours' => ['wed' => ['09:00-10:00']]])->assertOk()->assertJsonPath('1.hours.wed', ['09:00-10:00']);
    $after = $finish();
    $later = array_filter($after, fn (string $at, int $number): bool => $at > $before[$number], ARRAY_FILTER_USE_BOTH);
    expect($later)->not->toBe([]);
    // an hour a week: whatever he does is finished on a Wednesday before ten
    foreach (array_map(fn (string $at): string => date('D H', strtotime($at)), $later) as $at) {
        expect($at)->toStartWith('Wed');
    }
    $this->postJson('/api/people/tomas', ['hours' => (object) []])->assertStatus(422)->assertJsonPath('field', 'hours');
    $this->postJson('/api/people/tomas', ['hours' => null])->assertOk()->assertJsonPath('1.hours', null);
    expect($finish())->toBe($before);
});

it('says of every matter how the shop does it, and what each role may do', function () {
    $matter = fn (): array => collect($this->actingAs($this->person('isla'))->getJson('/api/habits')->assertOk()->json())->firstWhere('matter', 'base_gasket');
    expect($matter()['whose'])->toBe('usual')->and($matter()['options'])->toHaveCount(4);
    $this->postJson('/api/habits', ['base_gasket' => 'grease'])->assertOk();
    expect($matter()['whose'])->toBe('shop')->and($matter()['chosen'])->toBe('grease');
    $roles = collect($this->getJson('/api/roles')->assertOk()->json())->pluck('may', 'name');
    expect($roles['owner'])->toBe('Everything.')->and($roles['apprentice'])->toContain('handing a machine over')
        ->and($roles['mechanic'])->toBe('Works on the bench and reads everything, but for making the habits of the shop, adding people, saying what the shop is.');
});
