<?php

use App\Models\Sheet;

/** The timing bench of a job, as somebody opens it. */
function bench(mixed $test, int $job): array
{
    return $test->actingAs($test->person())->getJson("/api/jobs/$job/timing")->assertOk()->json();
}

it('gives the bench of every engine from its sheet alone', function (int $job, string $form, int $cylinders, array $cams, ?string $stroke) {
    $bench = bench($this, $job);
    expect($bench['form'])->toBe($form)->and($bench['cylinders'])->toHaveCount($cylinders)->and(array_column($bench['cams'], 'id'))->toBe($cams)
        ->and(array_column($bench['strokes'], 'name')[0])->toBe($stroke);
})->with([
    'a two-stroke single' => [214, 'single', 1, [], 'power, then scavenging'],
    'a four with two cams' => [229, 'inline', 4, ['inlet', 'exhaust'], 'overlap'],
    'a V with its cams in the case' => [203, 'vee', 2, ['cam'], 'overlap'],
    'a triple' => [224, 'parallel', 3, ['cam'], 'overlap'],
    'a side-valve whose sheet states no events' => [226, 'single', 1, ['cam'], 'power'],
]);

it('leans a V’s columns away from each other, and names each cylinder’s own mark, mirrored where it is seen from the other side', function () {
    $bench = bench($this, 203);
    expect(array_column($bench['cylinders'], 'lean'))->toEqual([24, -24])
        ->and(collect($bench['marks'])->firstWhere('id', 'rear-top'))->toMatchArray(['cylinder' => 'rear', 'mirrored' => true, 'seenFrom' => 'the left'])
        ->and(array_column($bench['ignitions'], 'cylinder'))->toBe(['front', 'rear']);
});

it('opens valves to their whole lift in the middle of their events, and through both events at the stated lift', function () {
    $inlet = collect(bench($this, 229)['lifts'])->firstWhere('side', 'inlet');
    // opens 18 before the top, closes 46 after the bottom: 342 and 586 after firing, the middle at 464, every fourth degree sent
    expect($inlet)->toMatchArray(['opens' => 342, 'closes' => 586])->and($inlet['lifts'][116])->toEqualWithDelta(8.4, 0.001)
        ->and(($inlet['lifts'][85] + $inlet['lifts'][86]) / 2)->toEqualWithDelta(1.0, 0.02)->and($inlet['lifts'][0])->toEqual(0);
});

it('says when the marks of a chain’s wheels come round', function () {
    // 18 teeth turn 36: the same pair after two turns of the crank
    expect(bench($this, 229)['wheel'])->toMatchArray(['teeth' => 36, 'drivenBy' => 18, 'turns' => 2, 'tooth' => 10]);
});

it('follows an ignition point from a late reading to the inside, round by round', function () {
    $loop = bench($this, 215)['ignitions'][0];
    // 1.66 mm is 17.31°, 1.80 mm 18.03°: 0.72° on a radius of 37 mm is 0.47 mm
    expect($loop)->toMatchArray(['task' => 'rotor off', 'headline' => 'Too late by 0.7°', 'rotorOffAgain' => true, 'way' => 'advance'])->and($loop['rounds'])->toHaveCount(2)
        ->and($loop['plate']['way'])->toBe('anticlockwise')->and($loop['plate']['rim'])->toEqualWithDelta(0.468, 0.002);
    $now = fn (string $kind, array $payload, int $secondsAgo): array => $this->entry($kind, $payload, at: now('UTC')->subSeconds($secondsAgo)->format('Y-m-d\TH:i:s\Z'));
    $this->enter(215, $now('act_done', ['act' => 'rotor off'], 40), $now('ignition_moved', ['way' => 'advance', 'rim' => '0.47 mm'], 30), $now('step_done', ['step' => 'on.rotor'], 20))
        ->assertJsonPath('results.2.state', 'stored');
    expect(bench($this, 215)['ignitions'][0])->toMatchArray(['task' => 'rotor on', 'headline' => 'Moved and locked'])
        ->and(bench($this, 215)['ignitions'][0]['step'])->toMatchArray(['id' => 'pull.rotor', 'torque' => true, 'ready' => true]);
});

it('notes a mark that was punched anew on the sheet as the one to trust, once', function () {
    $punched = fn (): mixed => $this->enter(215, $this->entry('mark_punched', ['mark' => 'plate', 'off' => '0.6 deg']))->assertJsonPath('results.0.state', 'stored');
    $punched();
    $version = Sheet::newest('ulvane-139r')->version;
    $engine = Sheet::newest('ulvane-139r')->engine();
    expect($engine->ignition->trusted)->toBe('plate-new')->and($engine->marks->named('plate-new')?->name)->toBe('New plate mark')
        ->and(collect(bench($this, 215)['marks'])->firstWhere('id', 'plate')['punched'])->toBe('TW');
    $punched();
    expect(Sheet::newest('ulvane-139r')->version)->toBe($version);
});

it('finds a cam a tooth late, and gives the correction of another in degrees', function () {
    expect(bench($this, 223)['cams'][0])->toMatchArray(['task' => 'move', 'teethOff' => 1, 'headline' => '1 tooth late, then 0.4° late']);
    $inlet = bench($this, 227)['cams'][0];
    // opens 10, closes 54: duration 244, centreline 112, eight later than the 104 that is aimed at; a tooth of 36 is 20 of the crank
    expect($inlet['sides'][0])->toMatchArray(['centreline' => 112, 'aim' => 104, 'state' => 'out', 'teeth' => 0, 'way' => 'advance'])
        ->and($inlet['separation'])->toEqual((112 + 107) / 2)->and($inlet['overlap'])->toEqual(10 + 13);
});

it('refuses a pair that lies apart from the others, and keeps what stood', function () {
    $pair = fn (string $before, string $after): array => $this->entry('dead_centre_read', ['cylinder' => 'rear', 'way' => 'stop', 'before' => "$before deg", 'after' => "$after deg"]);
    $this->enter(203, $pair('290', '350'))->assertJsonPath('results.0.state', 'refused')->assertJsonPath('results.0.refusal.field', 'payload.after');
    $top = collect(bench($this, 203)['tops'])->firstWhere('cylinder', 'rear');
    // halfway between 290.4 and 334.0 is 312.2, between 281.0 and 343.2 it is 312.1
    expect($top['pairs'])->toHaveCount(2)->and($top['tdc'])->toEqualWithDelta(312.15, 1e-9)->and($top['spread'])->toEqualWithDelta(0.1, 1e-9)
        ->and(collect($top['needs'])->firstWhere('need', 'ignition')['good'])->toBeTrue();
});

it('brings chain wheels into line with what shims there are', function () {
    $this->enter(223, $this->entry('reading_taken', ['spot' => 'wheel_offset', 'reading' => ['passes' => '0.50 mm', 'refuses' => '0.55 mm'], 'tool' => 'f1']))->assertJsonPath('results.0.state', 'stored');
    $fit = bench($this, 223)['wheels'][0];
    // 0.50 to 0.55 less 0.50 is 0 to 0.05: nearest to nothing
    expect($fit)->toMatchArray(['spot' => 'wheel_offset', 'state' => 'out', 'where' => 'between the cam wheel and its flange'])->and($fit['shims'][0])->toStartWith('0.50 mm: 0.00 mm');
});

it('has a simulated wheel whose play lies between the two directions', function () {
    $wheel = $this->actingAs($this->person())->getJson('/api/jobs/215/stand-in-wheel')->assertOk()->json();
    expect($wheel['forward'])->toHaveCount(360)->and($wheel['play'])->toBeGreaterThan(0.5);
    foreach ([0, 90, 200] as $crank) {
        expect(fmod($wheel['forward'][$crank] - $wheel['back'][$crank] + 360, 360))->toEqualWithDelta($wheel['play'], 0.11);
    }
});

it('has no bench of a job that is not there', fn () => $this->actingAs($this->person())->getJson('/api/jobs/9999/timing')->assertNotFound());

it('shows in the spec book what a sheet says of ignition, cams, wheels and marks', function (string $slug, array $lines) {
    $sheet = collect($this->actingAs($this->person())->getJson('/api/sheets')->assertOk()->json())->firstWhere('slug', $slug);
    $said = collect($sheet['timing'])->mapWithKeys(fn (array $each): array => [$each['title'] => $each['lines']]);
    foreach ($lines as $title => $line) {
        expect($said[$title])->toContain($line);
    }
})->with([
    'a plate under its rotor' => ['ulvane-139r', [
        'Ignition' => 'Point 1.80 mm ± 0.10 mm, engine maker before top', 'Marks' => 'Rotor mark, for ignition, against the case mark',
    ]],
    'a four' => ['ostrel-608', [
        'Firing' => 'cylinder 1 at 0°, cylinder 2 at 180°, cylinder 3 at 540°, cylinder 4 at 360°',
        'Cams' => 'Inlet opens 18° before top, closes 46° after bottom, centreline 104°', 'Wheels' => '36 teeth on the cam, pitch 6.35 mm, 18 on the crank',
    ]],
    'wheels that are shimmed' => ['harbick-421', ['Wheels' => 'Offset: shims between the cam wheel and its flange, 0.1 mm, 0.2 mm, 0.3 mm, 0.5 mm']],
]);
