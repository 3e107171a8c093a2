<?php

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

it('says what a lift costs before it is done', function () {
    $cost = $this->actingAs($this->person())->getJson('/api/jobs/203/lift-cost/head-front')->assertOk()->json();
    expect($cost['comesOff'])->toBe(['Front rocker box and pushrods', 'Front head'])
        ->and(array_column($cost['spent'], 'what'))->toEqualCanonicalizing(['Head gasket or O-rings, front cylinder', 'Tube seals, front cylinder'])
        // off: rocker box 15, head 20; again: hold 3, head joint 4, head on 12, pull 15, rods 15, hold 3, box on 12, its pull 8
        ->and($cost['minutes'])->toBe(107);
    $this->getJson('/api/jobs/203/lift-cost/case')->assertStatus(404);
});

it('keeps a wait by the server’s clock and tells the floor when it is over', function () {
    $wait = fn (): array => $this->actingAs($this->person())->getJson('/api/jobs/203')->json('planning.waits');
    expect($wait())->toHaveCount(1)->and($wait()[0]['seen'])->toBe('both rods spin by finger');
    $spin = fn (): string => collect($this->getJson('/api/jobs/203')->json('planning.steps'))->firstWhere('id', 'set.rods.front')['state'];
    expect($spin())->toBe('blocked')->and(collect($this->getJson('/api/floor')->json('jobs'))->firstWhere('number', 203)['waits'])->toHaveCount(1);
    $this->enter(203, $this->entry('wait_seen', ['wait' => 'bleed-front'], at: '2026-11-24T11:59:00Z'))->assertJsonPath('results.0.state', 'stored');
    expect($wait())->toBe([])->and($spin())->toBe('ready');
});

it('blocks just the steps that a missing part holds up', function () {
    $steps = collect($this->actingAs($this->person())->getJson('/api/jobs/209')->json('planning.steps'))->keyBy('id');
    expect($steps['work.gaps.1']['state'])->toBe('blocked')->and($steps['work.gaps.1']['blockedBy'][0]['kind'])->toBe('part')
        ->and($steps['work.valves']['state'])->toBe('done');
});

it('lays the open work of the shop over people, hours and parts', function () {
    $dates = $this->actingAs($this->person())->getJson('/api/dates')->assertOk()->json();
    expect($dates['people'])->toBe(['IC', 'TW', 'PQ'])->and($dates['jobs'])->toHaveCount(19)->and($dates['closedWeekdays'])->toBe([0]);
    $finish = fn (array $dates): string => collect($dates['jobs'])->firstWhere('number', 209)['finish'];
    // the ring set is promised for tomorrow, so the Harbick cannot be done before
    expect($finish($dates))->toBeGreaterThan('2026-11-25T08:00');
    $late = $this->getJson('/api/dates?late_job=209&days=7')->json();
    expect($finish($late))->toBeGreaterThan('2026-12-02T08:00')->and($finish($this->getJson('/api/dates')->json()))->toBe($finish($dates));
    foreach ($dates['jobs'] as $job) {
        foreach ($job['bars'] as $bar) {
            expect($bar['finish'] > $bar['start'])->toBeTrue();
        }
    }
});

it('gives each person a calendar under a secret address', function () {
    $address = $this->actingAs($this->person())->getJson('/api/dates')->json('calendar');
    $mine = $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
    $calendar = Sabre\VObject\Reader::read($mine);
    $texts = array_map(fn ($event): string => (string) $event->SUMMARY, iterator_to_array($calendar->select('VEVENT') ? new ArrayIterator($calendar->select('VEVENT')) : new ArrayIterator));
    expect(implode("\n", $texts))->toContain('Ring set arrives for Harbick 421 Yard, job 209')->toContain('Front lifters bleeding down')->toContain('Ulvane 139 R, job 214 is promised');
    expect($calendar->validate())->toBe([]);
    expect($this->actingAs($this->person('petra'))->getJson('/api/dates')->json('calendar'))->not->toBe($address);
    $this->get('/calendar/'.str_repeat('a', 40).'.ics')->assertStatus(404);
});

it('draws a bolt board at true scale, and all of them as PDF', function () {
    $svg = $this->actingAs($this->person())->get('/api/jobs/217/trays/head.svg')->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent();
    $drawn = simplexml_load_string($svg);
    // five columns 48 mm apart: 192 and twice the border of 22
    expect((string) $drawn['width'])->toBe('236.0mm')->and((string) $drawn['viewBox'])->toStartWith('0 0 236.0')->and($svg)->toContain('M8x1.25 × 78 mm');
    $circles = $drawn->xpath('//*[local-name()="circle"]');
    expect($circles)->toHaveCount(10)->and((float) $circles[1]['cx'] - (float) $circles[0]['cx'])->toEqualWithDelta(48.0, 1e-6)->and((float) $circles[0]['r'])->toBe(4.0);
    $pdf = $this->get('/api/jobs/217/trays.pdf')->assertOk()->getContent();
    expect($pdf)->toStartWith('%PDF-')->and(preg_match_all('~/Type\s*/Page\b~', $pdf))->toBe(2);
    $this->get('/api/jobs/217/trays/case.svg')->assertStatus(404);
});

it('keeps a photograph without what the camera wrote into it', function () {
    $image = imagecreatetruecolor(2000, 900);
    ob_start();
    imagejpeg($image);
    $plain = (string) ob_get_clean();
    // an application segment such as a camera writes, with a place in it
    $secret = 'Exif'."\0\0".'GPS 57.1 N 6.2 W';
    $marked = substr($plain, 0, 2)."\xFF\xE1".pack('n', strlen($secret) + 2).$secret.substr($plain, 2);
    $file = UploadedFile::fake()->createWithContent('bench.jpg', $marked);
    $id = $this->actingAs($this->person())->post('/api/photos', ['photo' => $file])->assertOk()->json('id');
    $path = base_path("var/photos/$id.jpg");
    expect(file_get_contents($path))->not->toContain('GPS')->and(getimagesize($path)[0])->toBe(1600);
    $this->enter(214, $this->entry('note_written', ['text' => 'As it came apart', 'photo' => $id]))->assertJsonPath('results.0.state', 'stored');
    expect(collect($this->getJson('/api/jobs/214')->json('log.slip'))->firstWhere('photo', $id)['text'])->toBe('As it came apart');
    $this->get("/api/photos/$id")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    unlink($path);
});

it('refuses what is no photograph', function () {
    $file = UploadedFile::fake()->createWithContent('bench.jpg', 'not a picture');
    $this->actingAs($this->person())->post('/api/photos', ['photo' => $file], ['Accept' => 'application/json'])->assertStatus(422)->assertJsonPath('field', 'photo');
});

it('plans from a sheet alone, over the open interface', function () {
    $plan = fn (mixed $document): array => json_decode($this->actingAs($this->person())->call('POST', '/api/calculations/plan', content: json_encode($document))->getContent(), true);
    $whole = $plan(['sheet' => 'harbick-421']);
    expect($whole['next'])->toBe(['off.plug.1'])->and(array_unique(array_column($whole['slabs'], 'state')))->toBe(['torqued']);
    $ids = array_column($whole['steps'], 'id');
    foreach ($whole['steps'] as $step) {
        expect($step['needs'])->each->toBeIn($ids);
    }
    $apart = $plan(['sheet' => 'harbick-421', 'entries' => [['kind' => 'job_opened', 'payload' => ['condition' => 'apart']]]]);
    expect($apart['next'])->toContain('clean.barrel')->not->toContain('order.parts');
    $narrow = $plan(['sheet' => 'ulvane-139r', 'errands' => ['exhaust valve'], 'worked' => 'frame']);
    expect(array_column($narrow['steps'], 'id'))->not->toContain('read.bore.1')->and(collect($narrow['steps'])->firstWhere('id', 'hold.barrel')['asks'])->not->toBe([]);
    $bored = $plan(['sheet' => 'harbick-421', 'decisions' => ['bore' => ['1' => 'rebore']]]);
    expect(array_column($bored['steps'], 'id'))->toContain('send.bore.1', 'read.bore.1.again')->not->toContain('work.bore.1');
    expect(array_unique(array_column($plan(['sheet' => 'harbick-421', 'errands' => ['put together']])['slabs'], 'state')))->toBe(['torqued', 'off']);
    expect($plan(['sheet' => 'harbick-421', 'errands' => ['cam', 'cam chest']])['field'])->toBe('errands.1')
        ->and($plan(['sheet' => 'harbick-421', 'decisions' => ['bore' => ['1' => 'paint']]])['field'])->toBe('decisions.bore.1');
    expect($plan(['sheet' => 'no-such'])['field'])->toBe('sheet')
        ->and($plan(['sheet' => 'harbick-421', 'choices' => ['wash' => 'spit']])['field'])->toBe('choices.wash')
        ->and($plan(['sheet' => 'harbick-421', 'entries' => [['kind' => 'step_done', 'payload' => ['step' => 'order.parts']]]])['field'])->toBe('entries.0.payload.step');
});

it('refuses a schedule that nobody could keep', function (array $change, string $field) {
    $document = $change + ['start' => '2026-12-01T08:00:00Z', 'hours' => ['tue' => ['08:00-12:00']], 'people' => ['tomas'], 'tasks' => [['id' => 'a', 'minutes' => 30], ['id' => 'b', 'minutes' => 30, 'after' => ['a']]]];
    $answer = json_decode($this->actingAs($this->person())->call('POST', '/api/calculations/schedule', content: json_encode($document))->assertStatus(422)->getContent(), true);
    expect($answer['field'])->toBe($field);
})->with([
    'an instant without an offset' => [['start' => '2026-12-01T08:00:00'], 'start'],
    'no such zone' => [['zone' => 'Brannoch/Slip'], 'zone'],
    'never open' => [['hours' => (object) []], 'hours'],
    'overlapping hours' => [['hours' => ['tue' => ['08:00-12:00', '11:00-13:00']]], 'hours'],
    'closing before opening' => [['hours' => ['tue' => ['12:00-08:00']]], 'hours'],
    'nobody' => [['people' => []], 'people'],
    'a stranger' => [['tasks' => [['id' => 'a', 'minutes' => 5, 'who' => ['mary']]]], 'tasks.0.who.0'],
    'an unknown need' => [['tasks' => [['id' => 'a', 'minutes' => 5, 'after' => ['z']]]], 'tasks.0.after.0'],
    'an id twice' => [['tasks' => [['id' => 'a', 'minutes' => 5], ['id' => 'a', 'minutes' => 5]]], 'tasks.1.id'],
    'half a minute' => [['tasks' => [['id' => 'a', 'minutes' => 0.5]]], 'tasks.0.minutes'],
    'a circle' => [['tasks' => [['id' => 'a', 'minutes' => 5, 'after' => ['b']], ['id' => 'b', 'minutes' => 5, 'after' => ['a']]]], 'tasks'],
]);

it('keeps what stays open on the hand-over list', function () {
    $this->enter(214, $this->entry('open_end', ['text' => 'Chain is the owner’s to renew']), $this->entry('debt_owed', ['what' => 'rotor nut', 'reason' => 'no holder']));
    expect($this->getJson('/api/jobs/214/record')->json('hand_over'))->toBe(['Chain is the owner’s to renew', 'Owed its torque: rotor nut, no holder']);
    expect(DB::table('log_entries')->where('kind', 'open_end')->where('job_id', $this->job(214)->id)->count())->toBe(1);
});

it('offers every act that this engine can have done to it', function () {
    $acts = collect($this->actingAs($this->person())->getJson('/api/jobs/221')->json('stack.acts'))->keyBy('act');
    expect($acts['shim changed'])->toMatchArray(['isOfCylinder' => false, 'isOfRing' => false, 'isOfValve' => true])->and($acts['ring filed'])->toMatchArray(['isOfCylinder' => true, 'isOfRing' => true]);
    $this->enter(203, $this->entry('act_done', ['act' => 'head slackened', 'cylinder' => 'front']))->assertJsonPath('results.0.state', 'stored');
    $step = collect($this->getJson('/api/jobs/203')->json('planning.steps'))->firstWhere('id', 'pull.head-front');
    expect([$step['state'], $step['voidBecause']])->toBe(['void', 'head slackened']);
});
