<?php

use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Refusal\Refusal;

// The ring maker asks 0.22 to 0.36 of it, the engine maker 0.60 at most in service: 0.80 that passes is too wide for anybody.
const WIDE = [['reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => ['passes' => '0.80 mm', 'refuses' => '0.85 mm']]]];

/** The Ulvane with its barrel ready to go down, its top gap as read. */
function beforeTheBarrel(array $reading, array $then = []): BuildState
{
    $steps = array_filter(upTo(demoSheet(), 'hold.barrel'), static fn (array $act): bool => ($act[1]['step'] ?? $act[1]['hold']) !== 'hold.barrel');

    return worked(demoSheet(), [...$steps, ...$reading, ...$then]);
}

/** @return list<string> what a hold asks of verdicts that nobody has accepted */
function asksOf(BuildState $state, string $hold): array
{
    return array_map(static fn (Assessment $each): string => $each->subject->id, $state->work->questions->open($state->work->steps()[$hold]));
}

it('asks in the hold that would close over it what is out', function () {
    $state = beforeTheBarrel(WIDE);
    expect(asksOf($state, 'hold.barrel'))->toBe(['ring_gap.1.top'])
        ->and(asksOf($state, 'hold.start'))->toBe([])
        ->and(stateOf($state, 'hold.barrel'))->toBe('ready')
        ->and(fn () => Before::of($state)->enter('step_done', (object) ['step' => 'hold.barrel']))->toThrow(Refusal::class, 'too wide');
});

it('asks nothing of a figure that is within, or worn and inside service', function (string $passes, string $refuses) {
    expect(asksOf(beforeTheBarrel([['reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => ['passes' => $passes, 'refuses' => $refuses]]]]), 'hold.barrel'))->toBe([]);
})->with([['0.25 mm', '0.30 mm'], ['0.40 mm', '0.45 mm']]);

it('keeps a hold open that has been answered, until the verdict is settled or accepted', function () {
    $answered = [['step_done', ['step' => 'hold.barrel']]];
    expect(stateOf(beforeTheBarrel(WIDE, $answered), 'hold.barrel'))->toBe('ready')
        ->and(stateOf(beforeTheBarrel(WIDE, $answered), 'on.barrel'))->toBe('open');
    $accepted = beforeTheBarrel(WIDE, [...$answered, ['verdict_accepted', ['verdict' => 'ring_gap.1.top', 'state' => 'out', 'reason' => 'race only']]]);
    expect(stateOf($accepted, 'hold.barrel'))->toBe('done')->and(stateOf($accepted, 'on.barrel'))->toBe('ready');
    $settled = beforeTheBarrel(WIDE, [...$answered, ['reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => ['passes' => '0.25 mm', 'refuses' => '0.30 mm']]]]);
    expect(stateOf($settled, 'hold.barrel'))->toBe('done');
});

it('is asked anew when it is read again', function () {
    $accepted = [['verdict_accepted', ['verdict' => 'ring_gap.1.top', 'state' => 'out', 'reason' => 'race only']]];
    expect(asksOf(beforeTheBarrel(WIDE, [...$accepted, ...WIDE]), 'hold.barrel'))->toBe(['ring_gap.1.top']);
});

it('opens no hold again that has been closed over', function () {
    $state = beforeTheBarrel([], [['step_done', ['step' => 'hold.barrel']], ['step_done', ['step' => 'on.barrel']], ...WIDE]);
    expect(stateOf($state, 'hold.barrel'))->toBe('done');
});

it('names the question as what is next, and no more once it is accepted', function () {
    $unsure = [['reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => ['passes' => '0.50 mm', 'refuses' => '0.80 mm']]]];
    expect(beforeTheBarrel($unsure)->nextMove()->id)->toBe('ring_gap.1.top');
    $accepted = beforeTheBarrel($unsure, [['verdict_accepted', ['verdict' => 'ring_gap.1.top', 'state' => 'unsure', 'reason' => 'no leaf between']]]);
    expect($accepted->nextMove()->id)->not->toBe('ring_gap.1.top');
});

it('refuses to accept what is not asked', function (array $payload, string $field) {
    $state = beforeTheBarrel(WIDE);
    try {
        Before::of($state)->enter('verdict_accepted', (object) $payload);
    } catch (Refusal $refusal) {
        expect($refusal->field)->toBe($field);

        return;
    }
    expect(false)->toBeTrue();
})->with([
    'nothing of that name' => [['verdict' => 'ring_gap.9.top', 'state' => 'out', 'reason' => 'so'], 'verdict'],
    'another verdict than stands' => [['verdict' => 'ring_gap.1.top', 'state' => 'unsure', 'reason' => 'so'], 'state'],
    'what fits' => [['verdict' => 'ring_gap.1.top', 'state' => 'within', 'reason' => 'so'], 'state'],
    'what has not been read' => [['verdict' => 'ring_gap.1.second', 'state' => 'out', 'reason' => 'so'], 'state'],
    'without a reason' => [['verdict' => 'ring_gap.1.top', 'state' => 'out', 'reason' => ' '], 'reason'],
]);
