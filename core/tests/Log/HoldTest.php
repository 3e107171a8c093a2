<?php

use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\StepKind;

/**
 * The Ulvane up to a hold, which is then answered.
 *
 * @param  list<array{by: string, item: int, second?: string, waived?: string}>  $answers
 */
function answered(string $hold, array $answers): BuildState
{
    $sheet = demoSheet('ulvane-139r');
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'apart'], $at, 'TW')];
    foreach (upTo($sheet, $hold) as $index => [$kind, $payload]) {
        if (($payload['step'] ?? $payload['hold']) !== $hold) {
            $entries[] = Entry::stored("s$index", $kind, (object) $payload, $at = $at->modify('+11 minutes'), 'TW');
        }
    }
    foreach ($answers as $index => $answer) {
        $payload = array_filter(['hold' => $hold, 'second' => $answer['second'] ?? null, 'reason' => $answer['waived'] ?? null]) + ['item' => $answer['item']];
        $entries[] = Entry::stored("a$index", isset($answer['waived']) ? 'hold_waived' : 'hold_answered', (object) $payload, $at = $at->modify('+1 minute'), $answer['by']);
    }

    return Build::replay($sheet, $entries, $at);
}

/** @return list<array{by: string, item: int}> */
function allBy(string $hold, string $by): array
{
    return array_map(fn (int $item): array => ['by' => $by, 'item' => $item], array_keys(worked(demoSheet('ulvane-139r'), [])->work->steps()[$hold]->asks->items));
}

it('is answered one thing after another and opens the step behind it', function () {
    $all = allBy('hold.barrel', 'TW');
    $state = answered('hold.barrel', array_slice($all, 0, -1));
    expect(stateOf($state, 'hold.barrel'))->toBe('ready')->and($state->work->openNeeds($state->work->steps()['on.barrel']))->toBe(['hold.barrel']);
    expect(stateOf(answered('hold.barrel', $all), 'hold.barrel'))->toBe('done')->and(stateOf(answered('hold.barrel', $all), 'on.barrel'))->toBe('ready');
});

it('counts an item once however often it is answered', function () {
    $state = answered('hold.barrel', [['by' => 'TW', 'item' => 0], ['by' => 'TW', 'item' => 0], ['by' => 'PQ', 'item' => 0]]);
    expect(count($state->work->answersTo('hold.barrel')))->toBe(1)->and($state->work->stateOf($state->work->steps()['hold.barrel']))->toBe(StepState::Ready);
});

it('lets one be waived, and keeps who and why', function () {
    $answers = allBy('hold.barrel', 'TW');
    $answers[2] = ['by' => 'IC', 'item' => 2, 'waived' => 'no mark on these pistons'];
    $state = answered('hold.barrel', $answers);
    expect(stateOf($state, 'hold.barrel'))->toBe('done')
        ->and($state->work->answersTo('hold.barrel')[2]->kind())->toBe('hold_waived')
        ->and($state->work->answersTo('hold.barrel')[2]->by)->toBe('IC');
});

it('wants two people before the first start', function (callable $answers, string $state, array $people) {
    $start = answered('hold.start', $answers(allBy('hold.start', 'TW')));
    expect(stateOf($start, 'hold.start'))->toBe($state)->and($start->work->answerers('hold.start'))->toEqualCanonicalizing($people);
})->with([
    'one alone is not enough' => [fn (array $all) => $all, 'ready', ['TW']],
    'one of them answered by another' => [fn (array $all) => [...array_slice($all, 0, -1), ['by' => 'PQ', 'item' => count($all) - 1]], 'done', ['TW', 'PQ']],
    'answered with somebody beside' => [fn (array $all) => [['by' => 'TW', 'item' => 0, 'second' => 'PQ'], ...array_slice($all, 1)], 'done', ['TW', 'PQ']],
    'the second comes later and looks again' => [fn (array $all) => [...$all, ['by' => 'PQ', 'item' => 1]], 'done', ['TW', 'PQ']],
    'the same person twice is still one' => [fn (array $all) => [...$all, ['by' => 'TW', 'item' => 0, 'second' => 'TW']], 'ready', ['TW']],
]);

it('keeps the start waiting while a second person is missing', function () {
    $state = answered('hold.start', allBy('hold.start', 'TW'));
    expect(stateOf($state, 'hold.start'))->toBe('ready')->and($state->work->openNeeds($state->work->steps()['start.first']))->toBe(['hold.start']);
});

it('is open again when what it closed over comes off', function () {
    $sheet = demoSheet('ulvane-139r');
    $state = worked($sheet, [...upTo($sheet, 'on.head'), ['slab_lifted', ['slab' => 'barrel']]]);
    expect(stateOf($state, 'hold.barrel'))->toBe('void')->and($state->work->answersTo('hold.barrel'))->toBe([]);
});

it('asks what this engine could trap, and nothing it has not', function (string $engine, string $hold, array $asked, array $not) {
    $asks = implode(' | ', worked(demoSheet($engine), [])->work->steps()[$hold]->asks->items);
    foreach ($asked as $words) {
        expect($asks)->toContain($words);
    }
    foreach ($not as $words) {
        expect($asks)->not->toContain($words);
    }
})->with([
    'a two-stroke has no chain and no jets' => ['ulvane-139r', 'hold.barrel', ['circlips seated', 'ring gap at its peg', 'Exhaust valve opens'], ['Chain', 'Jets']],
    'a cam in the head: chain and guides' => ['harbick-421', 'hold.barrel', ['Chain reaches up through the tunnel', 'Jets'], []],
    'its head: the guide at both ends, by the sheet' => ['harbick-421', 'hold.head', ['Rear chain guide seen at both ends', 'Bolt holes dry'], ['Tube seals']],
    'pushrods: tube seals, no chain' => ['ferrant-738', 'hold.rockers', ['Tube seals'], ['Chain']],
]);

it('stands before every slab that closes over another, on every engine', function (string $engine) {
    $steps = worked(demoSheet($engine), [])->work->steps();
    foreach (array_filter(array_keys($steps), fn (string $id): bool => preg_match('/^on\.(barrel|head|cover|rockers)(-front|-rear)?$/', $id) === 1) as $closing) {
        expect($steps[$steps[$closing]->order->hold]->kind)->toBe(StepKind::Hold)->and($steps[$steps[$closing]->order->hold]->asks->items)->not->toBe([]);
    }
})->with(['ulvane-139r', 'skarn-594', 'harbick-421', 'ostrel-608', 'pellgrove-1092', 'ferrant-738', 'brindlecote-812', 'dunmoor-208sv']);

it('lets one who works alone do without the second pair of eyes, by name and for a reason', function () {
    $sheet = demoSheet('ulvane-139r');
    $before = array_filter(upTo($sheet, 'hold.start'), static fn (array $act): bool => ($act[1]['hold'] ?? '') !== 'hold.start');
    $items = array_keys(worked($sheet, [])->work->steps()['hold.start']->asks->items);
    $seen = array_map(static fn (int $item): array => ['hold_answered', ['hold' => 'hold.start', 'item' => $item]], $items);
    $alone = ['second_waived', ['hold' => 'hold.start', 'reason' => 'alone in the yard']];
    expect(stateOf(worked($sheet, [...$before, ...$seen]), 'hold.start'))->toBe('ready')
        ->and(stateOf(worked($sheet, [...$before, $alone, ...$seen]), 'hold.start'))->toBe('done')
        ->and(stateOf(worked($sheet, [...$before, ...$seen, $alone]), 'hold.start'))->toBe('done')
        ->and(stateOf(worked($sheet, [...$before, $alone]), 'hold.start'))->toBe('ready')
        ->and(worked($sheet, [...$before, ...$seen, $alone])->work->aloneBy('hold.start')?->by)->toBe('TW');
});

it('waives no second pair of eyes where one is enough', function () {
    expect(fn () => Before::of(worked(demoSheet(), []))->enter('second_waived', (object) ['hold' => 'hold.barrel', 'reason' => 'so']))->toThrow(Refusal::class)
        ->and(fn () => Before::of(worked(demoSheet(), []))->enter('second_waived', (object) ['hold' => 'hold.start', 'reason' => ' ']))->toThrow(Refusal::class);
});
