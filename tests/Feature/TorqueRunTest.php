<?php

use App\Models\Sheet;

/** The joint of a job that is pulled in a step. */
function jointOf(array $job, string $step = 'pull.head'): array
{
    return collect($job['torquing']['joints'])->firstWhere('step', $step);
}

/** An own step in which something is pulled that no sheet knows. */
const FLANGE = ['id' => 'own-flange', 'slab' => 'head', 'name' => 'Exhaust flange drawn up', 'why' => 'It leaks.', 'kind' => 'torque', 'needs' => []];

function flangeProgramme(): array
{
    $bolt = fn (string $id, string $x): array => ['id' => $id, 'slab' => 'head', 'x' => $x, 'y' => '0 mm', 'thread' => 'M8x1.25', 'pulled_in' => 'own-flange', 'group' => 'flange'];

    return ['groups' => [['id' => 'flange', 'name' => 'Exhaust flange', 'source' => 'service manual, page 48', 'bolts' => [$bolt('fl1', '-20 mm'), $bolt('fl2', '20 mm')], 'stages' => [['kind' => 'torque', 'figure' => '12 N·m']]]]];
}

it('shows a run at its bolt, with the wrench that can give it, one past its check last', function () {
    $joint = jointOf($this->actingAs($this->person())->getJson('/api/jobs/229')->assertOk()->json());
    expect($joint['run']['next'])->toBe(['stage' => 2, 'bolt' => 'h7', 'turned' => 0])->and($joint['run']['pulls'])->toBe(15)
        ->and($joint['run']['done'][1]['bolts'])->toEqualCanonicalizing(['h3', 'h8', 'h2', 'h9', 'h4'])
        ->and(array_column($joint['passes'][1]['settings'], 'dial', 'wrench'))->toBe(['w1' => '28 N·m', 'w2' => '28 N·m'])
        ->and(array_column($joint['passes'][1]['settings'], 'overdue', 'wrench'))->toBe(['w1' => false, 'w2' => true])
        ->and(array_column($joint['place']['bores'], 'x'))->toBe([-120, -40, 40, 120]);
});

it('keeps the wrench of a pull as it was that day, and says on the record that it was past its check', function () {
    $this->actingAs($this->person());
    $run = jointOf($this->getJson('/api/jobs/229')->json())['run']['id'];
    $pull = $this->entry('bolt_pulled', ['run' => $run, 'stage' => 2, 'bolt' => 'h7', 'with' => ['wrench' => 'w2', 'dial' => '28 N·m', 'overdue' => false]], at: now()->toIso8601ZuluString());
    $this->enter(229, $pull)->assertJsonPath('results.0.state', 'stored');
    $job = $this->getJson('/api/jobs/229')->json();
    expect(jointOf($job)['run']['remarks'])->toBe(['pulled with torque wrench W2, past its check'])
        ->and(collect($job['stack']['slabs'])->firstWhere('id', 'head')['lies'])->toBe('on, not torqued; pulled with torque wrench W2, past its check');
    $joint = collect($this->getJson('/api/jobs/229/record')->json('joints'))->last();
    expect(collect($joint['pulls'])->last())->toMatchArray(['stage' => 2, 'bolt' => 'h7', 'outcome' => 'done', 'with' => 'torque wrench W2 at 28 N·m, past its check']);
    $this->enter(229, $this->entry('bolt_pulled', ['run' => $run, 'stage' => 2, 'bolt' => 'h5', 'with' => ['wrench' => 'w9']]))
        ->assertJsonPath('results.0.refusal.field', 'payload.with.wrench');
});

it('prints every joint of a job on its record, after the published schema', function () {
    $text = $this->actingAs($this->person())->getJson('/api/jobs/203/record.json')->assertOk()->getContent();
    $result = (new Opis\JsonSchema\Validator)->validate(json_decode($text), file_get_contents(base_path('docs/schemas/record.schema.json')));
    expect($result->isValid())->toBeTrue((string) json_encode($result->error() ? (new Opis\JsonSchema\Errors\ErrorFormatter)->format($result->error()) : null));
    $joints = json_decode($text, true)['joints'];
    expect(array_column($joints, 'name'))->toContain('Front head bolts', 'Rear head bolts')->and(array_unique(array_column($joints, 'state')))->toBe(['complete'])
        ->and(array_unique(array_column($joints, 'checked_by')))->toBe(['TW'])->and($joints[0]['stages'][0]['order'])->toBe(['f1', 'f4', 'f2', 'f3'])
        ->and(count($joints[0]['pulls']))->toBe(16);
});

it('takes no tick for a joint', function () {
    $this->enter(229, $this->entry('step_done', ['step' => 'pull.head']))
        ->assertJsonPath('results.0.refusal.message', 'A joint is done when its run is complete and its check pass stands, and by nothing else.');
});

it('keeps a programme that was asked for at the pull on the sheet, where whoever pulls may write sheets', function (string $who, int $version) {
    $this->actingAs($this->person($who));
    $send = fn (array $entry) => $this->postJson('/api/jobs/229/entries', ['entries' => [$entry]])->assertJsonPath('results.0.state', 'stored');
    $send($this->entry('step_added', FLANGE));
    expect(jointOf($this->getJson('/api/jobs/229')->json(), 'own-flange')['programme'])->toBeNull();
    $send($this->entry('run_started', ['step' => 'own-flange', 'programme' => flangeProgramme()], at: now()->toIso8601ZuluString()));
    $joint = jointOf($this->getJson('/api/jobs/229')->json(), 'own-flange');
    expect($joint['run']['next']['bolt'])->toBe('fl1')->and(array_column($joint['passes'], 'words'))->toBe(['12 N·m', 'check pass at 12 N·m'])
        ->and(Sheet::newest('ostrel-608')->version)->toBe($version);
    if ($version === 2) {
        expect(array_column(Sheet::newest('ostrel-608')->engine()->programmes->all, 'group'))->toContain('flange');
    }
})->with(['an owner' => ['isla', 2], 'an apprentice' => ['petra', 1]]);

it('streams the pull of a simulated wrench at the bolt that is asked for', function () {
    $this->actingAs($this->person());
    $pull = $this->getJson('/api/jobs/229/stand-in-pull/pull.head?bolt=h7&stage=2')->assertOk()->json();
    expect($pull['angle'])->toBeNull()->and((float) $pull['torque'])->toEqualWithDelta(28.0, 0.3)->and($pull['torque'])->toEndWith(' N·m')
        ->and(count($pull['samples']))->toBeGreaterThan(10)->and($pull['samples'][0][0])->toBe(0);
    expect($this->getJson('/api/jobs/229/stand-in-pull/pull.head?bolt=h7&stage=3')->json('angle'))->toBe('90 deg');
    $this->getJson('/api/jobs/229/stand-in-pull/pull.head?bolt=h99&stage=2')->assertNotFound();
    $this->getJson('/api/jobs/229/stand-in-pull/pull.head?bolt=h7&stage=20')->assertNotFound();
    $this->getJson('/api/jobs/209/stand-in-pull/pull.head?bolt=h1&stage=1')->assertNotFound();
});

it('tells another tablet cheaply that there is something new', function () {
    $this->actingAs($this->person());
    $before = $this->getJson('/api/jobs/229/sequence')->json('lastSeq');
    expect($this->getJson('/api/jobs/229')->json('log.lastSeq'))->toBe($before);
    $this->enter(229, $this->entry('note_written', ['text' => 'back at it']));
    expect($this->getJson('/api/jobs/229/sequence')->json('lastSeq'))->toBeGreaterThan($before);
});
