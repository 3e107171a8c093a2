<?php

use App\Policies\Right;

/** The table of who may do what, each right tried at its route by each person of the shop. */
const RIGHTS = [
    'a version of a sheet' => ['POST', '/api/sheets', 'sheet', Right::KeepSheet],
    'a finding kept on a sheet' => ['POST', '/api/sheets/ulvane-139r/findings', ['text' => 'Reed petals chip.', 'from' => 'job 214'], Right::KeepSheet],
    'a step kept on a sheet' => ['POST', '/api/jobs/214/own-steps', ['step' => 'own-1'], Right::KeepSheet],
    'the first sheet of an engine' => ['POST', '/api/sheets/first', ['make' => 'Tarnwick'], Right::KeepSheet],
    'a table of limits' => ['POST', '/api/sheets/ulvane-139r/limits', ['text' => 'ring gap', 'source' => 'shop'], Right::KeepSheet],
    'a sheet like another' => ['POST', '/api/sheets/ulvane-139r/like', ['make' => 'Tarnwick'], Right::KeepSheet],
    'a limit kept on a sheet' => ['POST', '/api/jobs/214/limits', ['scope' => 'ring_gap.top', 'text' => '0.2 mm max', 'source' => 'shop'], Right::KeepSheet],
    'a rod’s length kept on a sheet' => ['POST', '/api/jobs/214/rod', ['rod' => '20 mm', 'source' => 'shop'], Right::KeepSheet],
    'a tool entered' => ['POST', '/api/tools/m9', ['name' => 'micrometer M9', 'kind' => 'micrometer', 'doubt' => '0.002 mm'], Right::ChangeTools],
    'tools from a table' => ['POST', '/api/tools/table', ['text' => "name,kind\ngauge,dial indicator"], Right::ChangeTools],
    'a tool changed' => ['POST', '/api/tools/m2', ['name' => 'micrometer M2', 'kind' => 'micrometer', 'doubt' => '0.001 mm'], Right::ChangeTools],
    'what the shop is' => ['POST', '/api/shop', ['name' => 'Brannoch Slip', 'zone' => 'Europe/London', 'hours' => ['mon' => ['08:00-12:00']]], Right::ManageShop],
    'the tablets' => ['GET', '/api/devices', null, Right::ManageShop],
    'a tablet enrolled' => ['POST', '/api/devices', ['name' => 'bench 1'], Right::ManageShop],
    'a tablet let go' => ['DELETE', '/api/devices/01900000-0000-7000-8000-000000000000', null, Right::ManageShop],
    'how the installation fares' => ['GET', '/api/condition', null, Right::ManageShop],
    'the people' => ['GET', '/api/people', null, Right::ManagePeople],
    'a person added' => ['POST', '/api/people', ['name' => 'Joss Pell'], Right::ManagePeople],
    'a person changed' => ['POST', '/api/people/petra', ['role' => 'apprentice'], Right::ManagePeople],
    'a code given' => ['POST', '/api/people/petra/code', null, Right::ManagePeople],
    'sessions ended' => ['DELETE', '/api/people/isla/sessions', null, Right::ManagePeople],
    'a habit of the shop' => ['POST', '/api/habits', ['base_gasket' => 'grease'], Right::MakeHabits],
];

it('lets each person do at each route what the table says, and says who may', function (string $method, string $path, mixed $body, Right $right) {
    $body = $body === 'sheet' ? ['document' => str_replace('Ulvane', 'Ulvaine', file_get_contents(database_path('sheets/ulvane-139r.json')))] : $body;
    foreach (['isla', 'tomas', 'petra'] as $username) {
        $person = $this->person($username);
        $answer = $this->actingAs($person)->json($method, $path, $body ?? []);
        if ($right->isOf($person->role)) {
            expect($answer->status())->not->toBe(403, $username);
        } else {
            $answer->assertStatus(403)->assertHeader('Content-Type', 'application/problem+json')->assertJsonPath('detail', $right->refusal());
        }
    }
})->with(RIGHTS);

it('leaves no route that changes the shop without a line in the table', function () {
    $guarded = array_unique(array_map(fn (array $case): string => preg_replace('~/(ulvane-139r|m9|m2|214|petra|isla|01900000-0000-7000-8000-000000000000)\b~', '/{x}', $case[1]), array_values(RIGHTS)));
    // what everybody on the bench may do: work on jobs, take machines in, count the shelf, calculate, mind their own session
    $open = ['/api/session', '/api/sessions', '/api/password', '/api/second-factor', '/api/second-factor/confirm', '/api/pin', '/api/bench', '/api/bench/second', '/api/shop/begin', '/api/shops/{x}', '/api/welcome/{x}', '/api/jobs', '/api/jobs/{x}/entries', '/api/jobs/{x}/preview', '/api/jobs/{x}/thickness/{x}', '/api/jobs/{x}/limits/preview', '/api/sheets/first/preview', '/api/sheets/draft', '/api/sheets/printed', '/api/sheets/{x}/limits/preview', '/api/jobs/{x}/import', '/api/calendar', '/api/photos', '/api/shelf', '/api/shelf/table', '/api/benches', '/api/calculations/{x}'];
    foreach (Illuminate\Support\Facades\Route::getRoutes()->getRoutes() as $route) {
        $uri = '/'.preg_replace('~\{[^}]+\}~', '{x}', $route->uri());
        if (str_starts_with($uri, '/api/') && array_diff($route->methods(), ['GET', 'HEAD']) !== []) {
            expect([...$guarded, ...$open])->toContain($uri);
        }
    }
});

it('does not let an apprentice hand over, adopt a sheet or strike what somebody else entered', function (string $kind, array $payload, Right $right) {
    if ($kind === 'entry_struck') {
        $note = $this->enter(214, $this->entry('note_written', ['text' => 'Warm in here.']))->json('results.0.id');
        $payload = ['entry' => $note, 'reason' => 'not so'];
    }
    $entry = $this->entry($kind, $payload);
    $this->actingAs($this->person('petra'))->postJson('/api/jobs/214/entries', ['entries' => [$entry]])
        ->assertOk()->assertJsonPath('results.0.state', 'refused')->assertJsonPath('results.0.refusal.message', $right->refusal());
})->with([
    'hand over' => ['handed_over', ['note' => 'running in explained'], Right::HandOver],
    'adopt a sheet' => ['sheet_adopted', ['version' => 2, 'from' => 1], Right::AdoptSheet],
    'strike another’s entry' => ['entry_struck', [], Right::StrikeAnothers],
]);

it('lets an apprentice strike their own entry', function () {
    $this->actingAs($this->person('petra'));
    $note = $this->entry('note_written', ['text' => 'Warm in here.']);
    $this->postJson('/api/jobs/214/entries', ['entries' => [$note, $this->entry('entry_struck', ['entry' => $note['id'], 'reason' => 'said twice'], at: '2026-11-24T11:31:00Z')]])
        ->assertJsonPath('results.*.state', ['stored', 'stored']);
});
