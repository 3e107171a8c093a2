<?php

/**
 * What a sound engine reads, by quantity, inside the limits of its sheet; a list is the leaf that passes and the one that
 * refuses, or hole and shaft. What a sheet states no limit for is read all the same.
 */
const SOUND = [
    'skarn-594' => [
        'cranking_compression' => '900 kPa', 'leak_down' => '100 kPa', 'piston' => '72.400 mm', 'bore' => '72.500 mm',
        'ring_gap' => ['0.40 mm', '0.45 mm'], 'ring_side_clearance' => ['0.05 mm', '0.06 mm'], 'rod_side_clearance' => ['0.50 mm', '0.55 mm'],
        'crank_runout' => '0.02 mm', 'deck' => '0.35 mm', 'squish' => '1.30 mm', 'head_flatness' => ['0.02 mm', '0.03 mm'],
    ],
    'harbick-421' => [
        'cranking_compression' => '700 kPa', 'leak_down' => '100 kPa', 'piston' => '85.953 mm', 'bore' => '86.000 mm',
        'ring_gap' => ['0.30 mm', '0.33 mm'], 'ring_gap.1.second' => ['0.45 mm', '0.50 mm'],
        'ring_side_clearance' => ['0.04 mm', '0.05 mm'], 'pin_in_rod' => ['20.025 mm', '20.000 mm'],
        'rod_side_clearance' => ['0.20 mm', '0.25 mm'], 'head_flatness' => ['0.02 mm', '0.03 mm'], 'valve_guide' => ['5.525 mm', '5.500 mm'],
        'valve_guide.1.1ex' => ['5.545 mm', '5.500 mm'], 'valve_lash.1.1ex' => ['0.15 mm', '0.16 mm'],
        'seat_width' => '1.15 mm', 'spring_length' => '41.50 mm', 'cam_lobe' => '35.400 mm', 'cam_journal' => ['22.040 mm', '22.000 mm'],
        'valve_lash' => ['0.10 mm', '0.11 mm'],
    ],
    'dunmoor-208sv' => [
        'cranking_compression' => '550 kPa', 'leak_down' => '100 kPa', 'piston' => '67.925 mm', 'bore' => '68.000 mm',
        'ring_gap' => ['0.30 mm', '0.33 mm'], 'big_end_oil_clearance' => '0.050 mm', 'crank_end_float' => '0.12 mm',
        'head_flatness' => ['0.02 mm', '0.03 mm'], 'valve_guide' => ['6.560 mm', '6.500 mm'], 'seat_width' => '1.30 mm',
        'valve_lash' => ['0.15 mm', '0.16 mm'], 'valve_lash.1.1ex' => ['0.25 mm', '0.26 mm'],
    ],
];

/** @return list<array{0: string, 1: array<string, mixed>, 2?: string}> a joint begun and pulled, bolt after bolt, to the check pass */
function pullsOf(array $joint): array
{
    $run = Ramsey\Uuid\Uuid::uuid7()->toString();
    $pulls = [['run_started', ['step' => $joint['step'], 'programme' => $joint['programme']], $run]];
    foreach ($joint['passes'] as $index => $pass) {
        foreach ($pass['order'] as $bolt) {
            $pulls[] = ['bolt_pulled', ['run' => $run, 'stage' => $index + 1, 'bolt' => $bolt, 'with' => ['wrench' => 'w1']]];
        }
    }

    return $pulls;
}

/** @return list<array{0: string, 1: array<string, mixed>}> what does the thing that is next on a job: kinds and payloads */
function nextEntries(array $job, array $sound): array
{
    $next = $job['planning']['next'];
    if ($next['kind'] === 'lift') {
        return [['slab_lifted', ['slab' => $next['slab']]]];
    }
    if ($next['kind'] === 'spot') {
        $spot = collect($job['measuring']['spots'])->firstWhere('id', $next['id']);
        $read = $sound[$spot['id']] ?? $sound[$spot['quantity']] ?? null;

        return [['reading_taken', ['spot' => $spot['id'], 'reading' => match ($spot['form']) {
            'leaves' => array_combine(['passes', 'refuses'], $read),
            'hole and shaft' => array_combine(['hole', 'shaft'], $read),
            'yes or no' => ['answer' => $spot['good']],
            default => $read,
        }]]];
    }
    if ($next['kind'] === 'wait') {
        return [['wait_seen', ['wait' => $job['planning']['waits'][0]['id']]]];
    }
    $step = collect($job['planning']['steps'])->firstWhere('id', $next['id']);
    if ($step['kind'] === 'torque') {
        return pullsOf(collect($job['torquing']['joints'])->firstWhere('step', $step['id']));
    }
    if ($step['kind'] !== 'hold') {
        return [['step_done', ['step' => $step['id']]]];
    }

    return array_map(static fn (array $ask): array => [
        'hold_answered', ['hold' => $step['id'], 'item' => $ask['item']] + ($step['secondPerson'] ? ['second' => 'PQ'] : []),
    ], $step['asks']);
}

it('leads a whole job from the intake to the hand-over, one thing next at a time', function (string $sheet) {
    $job = $this->actingAs($this->person())
        ->postJson('/api/jobs', ['sheet' => $sheet, 'owner' => 'Ferry slip', 'condition' => 'whole', 'complaint' => 'Smokes.'])->json();
    $number = $job['number'];
    for ($turn = 0; $turn < 200 && $job['planning']['next']['kind'] !== 'none'; $turn++) {
        $entries = array_map(fn (array $act): array => $this->entry(...$act), nextEntries($job, SOUND[$sheet]));
        $states = array_column($this->enter($number, ...$entries)->assertOk()->json('results'), 'state');
        expect(array_unique($states))->toBe(['stored'], $job['planning']['next']['text']);
        $job = $this->getJson("/api/jobs/$number")->json();
    }
    $open = array_filter($job['planning']['steps'], static fn (array $step): bool => $step['state'] !== 'done');
    $judged = array_filter(array_column($job['measuring']['assessments'], 'verdict', 'id'), static fn (?array $verdict): bool => ($verdict['state'] ?? 'unknown') !== 'unknown');
    expect(array_column($open, 'id'))->toBe([])
        ->and(count($judged))->toBeGreaterThan(10)
        ->and(array_filter(array_map(static fn (array $verdict): string => $verdict['state'], $judged), static fn (string $state): bool => $state !== 'within'))->toBe([])
        ->and(array_unique(array_column($job['stack']['slabs'], 'state')))->toBe(['torqued'], 'every slab is on again');
    $twoSaw = array_filter($job['planning']['steps'], static fn (array $step): bool => $step['secondPerson']);
    expect(array_unique(array_merge(...array_column($twoSaw, 'answerers'))))->toEqualCanonicalizing(['TW', 'PQ']);

    $this->enter($number, $this->entry('handed_over', ['note' => 'two tanks gently']))->assertJsonPath('results.0.state', 'stored');
    expect(array_column($this->getJson('/api/floor')->json('jobs'), 'number'))->not->toContain($number);
    $record = json_encode($this->getJson("/api/jobs/$number/record.json")->assertOk()->json());
    expect($record)->toContain('two tanks gently');
})->with(array_keys(SOUND));

it('leads a narrow errand from the opening to the hand-over with only its own steps', function (string $sheet, array $errands, array $has, array $hasNot, array $sound = []) {
    $job = $this->actingAs($this->person())
        ->postJson('/api/jobs', ['sheet' => $sheet, 'owner' => 'Ferry slip', 'condition' => 'whole', 'errands' => $errands])->assertCreated()->json();
    $number = $job['number'];
    expect($job['planning']['brief']['errands'])->toBe($errands)->and(array_column($job['planning']['steps'], 'id'))->toContain(...$has)->not->toContain(...$hasNot);
    for ($turn = 0; $turn < 120 && $job['planning']['next']['kind'] !== 'none'; $turn++) {
        $entries = array_map(fn (array $act): array => $this->entry(...$act), nextEntries($job, $sound));
        expect(array_unique(array_column($this->enter($number, ...$entries)->assertOk()->json('results'), 'state')))->toBe(['stored'], $job['planning']['next']['text']);
        $job = $this->getJson("/api/jobs/$number")->json();
    }
    $open = array_filter($job['planning']['steps'], static fn (array $step): bool => $step['state'] !== 'done');
    expect(array_column($open, 'id'))->toBe([])->and(array_unique(array_column($job['stack']['slabs'], 'state')))->toBe(['torqued']);
    $this->enter($number, $this->entry('handed_over', ['note' => 'gently']))->assertJsonPath('results.0.state', 'stored');
})->with([
    'the rocker boxes of a V-twin' => ['pellgrove-1092', ['valve clearance'], ['off.rockers-front', 'set.rods.rear'], ['off.head-front', 'read.bore.front', 'fill.oil', 'run.heat']],
    'an ignition' => ['ulvane-139r', ['ignition'], ['read.ignition', 'pull.rotor', 'time.ignition'], ['off.head', 'test.leak']],
    'an exhaust valve from strip to proof' => ['ulvane-139r', ['exhaust valve'], ['clean.exhaust-valve', 'on.exhaust-valve', 'test.leak'], ['read.bore.1', 'on.piston.1', 'off.rotor'],
        ['squish' => '1.10 mm', 'head_flatness' => ['0.02 mm', '0.03 mm']]],
    'a cam chest' => ['pellgrove-1092', ['cam chest'], ['off.cam', 'time.cam', 'set.rods.front'], ['off.head-front', 'off.barrel-rear'],
        ['cam_lobe' => '36.200 mm', 'cam_journal' => ['25.030 mm', '25.000 mm']]],
]);

it('refuses at intake what the engine cannot be brought for', function () {
    $this->actingAs($this->person())->postJson('/api/jobs', ['sheet' => 'harbick-421', 'owner' => 'Ferry slip', 'condition' => 'whole', 'errands' => ['head', 'exhaust valve']])
        ->assertStatus(422)->assertJsonPath('field', 'errands.1');
});
