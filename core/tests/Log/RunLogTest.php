<?php

use Eris\Generators;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Tests\Property;
use Moltrek\Core\Torquing\Programme;

/** The two-stroke single with its barrel pulled and its head on; then these acts, each through the door. */
function onTheHead(array ...$acts): BuildState
{
    $sheet = demoSheet();

    return worked($sheet, [...upTo($sheet, 'on.head'), ...$acts]);
}

/** The id that the first act after the head is on is entered under. */
function runOnHead(): string
{
    return sprintf('%04d', count(upTo(demoSheet(), 'on.head')) + 1);
}

/** @return list<array{0: string, 1: array<string, mixed>}> so many acts of pulling the head */
function pullsOfHead(?int $count = null): array
{
    return array_slice(pulling(demoSheet(), 'pull.head', runOnHead()), 0, $count);
}

function headIs(BuildState $state): string
{
    return $state->slabs->named('head')->value ?? '';
}

it('ends the step with the check pass of its run, and gives the head its torque', function () {
    $all = pullsOfHead();
    $before = onTheHead(...array_slice($all, 0, -1));
    expect(stateOf($before, 'pull.head'))->toBe('ready')->and(headIs($before))->toBe('on')
        ->and($before->nextMove()->text)->toBe('Head nuts, stage 3 of 3: h6');
    $after = onTheHead(...$all);
    expect(stateOf($after, 'pull.head'))->toBe('done')->and(headIs($after))->toBe(SlabState::Torqued->value)
        ->and($after->nextMove()->id)->not->toBe('pull.head');
});

it('is ended by nothing else', function () {
    $entered = fn () => Before::of(onTheHead())->enter('step_done', (object) ['step' => 'pull.head']);
    expect($entered)->toThrow(Refusal::class, 'by nothing else');
});

it('takes a tick all the same where a plan is only tried out', function () {
    $state = onTheHead();
    $trial = new Before($state->sheet, $state->spots, static fn (): BuildState => $state, isTrial: true);
    expect($trial->enter('step_done', (object) ['step' => 'pull.head'])->words($state))->toContain('Head');
});

it('goes on at the right bolt whoever takes over, and is void by what undoes it', function (array $act, string $why, string $step) {
    $half = pullsOfHead(9);
    expect(onTheHead(...$half)->runs->of('pull.head')?->next()?->bolt)->toBe('h2');
    foreach ([$half, pullsOfHead()] as $pulled) {
        $state = onTheHead(...$pulled, ...[$act]);
        expect($state->runs->of('pull.head')?->whyVoid())->toBe($why)->and(stateOf($state, 'pull.head'))->toBe($step)
            ->and(count($state->runs->all()))->toBe(1);
    }
})->with([
    'lifted' => [['slab_lifted', ['slab' => 'head']], 'lifted: head', 'void'],
    'lifted from under it' => [['slab_lifted', ['slab' => 'barrel']], 'lifted: barrel, piston, rings', 'void'],
    'slackened, not lifted' => [['act_done', ['act' => 'head slackened']], 'head slackened', 'void'],
]);

it('is void where it was given up, and begins anew', function () {
    $given = onTheHead(...[...pullsOfHead(5), ['run_abandoned', ['run' => runOnHead(), 'reason' => 'wrong gasket']]]);
    expect($given->runs->of('pull.head')?->whyVoid())->toBe('abandoned: wrong gasket')->and(stateOf($given, 'pull.head'))->toBe('void');
    $again = onTheHead(...[...pullsOfHead(5), ['run_abandoned', ['run' => runOnHead(), 'reason' => 'wrong gasket']], pullsOfHead(1)[0]]);
    expect($again->runs->of('pull.head')?->next()?->pass)->toBe(0)->and(count($again->runs->all()))->toBe(2);
});

it('owes a bolt that was passed by, until it has been brought up', function () {
    $run = runOnHead();
    $skipped = [...pullsOfHead(2), ['bolt_skipped', ['run' => $run, 'bolt' => 'h4', 'reason' => 'bracket first', 'release' => 'bracket on']]];
    $rest = array_filter(array_slice(pullsOfHead(), 2), static fn (array $act): bool => $act[1]['bolt'] !== 'h4');
    $state = onTheHead(...$skipped, ...$rest);
    expect(stateOf($state, 'pull.head'))->toBe('done')->and(array_column($state->ledger->debts(), 'what'))->toBe(['h4, head nuts'])
        ->and($state->ledger->debts()[0]->release)->toBe('bracket on');
    $owed = array_map(static fn (int $stage): array => ['bolt_pulled', ['run' => $run, 'stage' => $stage, 'bolt' => 'h4']], [1, 2, 3]);
    expect(onTheHead(...$skipped, ...$rest, ...$owed)->ledger->debts())->toBe([]);
});

it('is open again where a fastener of a finished joint was replaced', function () {
    $state = onTheHead(...[...pullsOfHead(), ['bolt_replaced', ['run' => runOnHead(), 'bolt' => 'h4', 'reason' => 'stretched']]]);
    expect(stateOf($state, 'pull.head'))->toBe('void')->and(headIs($state))->toBe('on')
        ->and($state->nextMove()->text)->toBe('Head nuts, stage 3 of 3: h4');
});

it('is as it was before a pull that is struck out', function () {
    $pulls = pullsOfHead();
    $last = sprintf('%04d', count(upTo(demoSheet(), 'on.head')) + count($pulls));
    $state = onTheHead(...[...$pulls, ['entry_struck', ['entry' => $last, 'reason' => 'was the wrong nut']]]);
    expect(stateOf($state, 'pull.head'))->toBe('ready')->and($state->runs->of('pull.head')?->next()?->bolt)->toBe('h6');
});

it('refuses what this run has not', function (string $kind, array $payload, string $field) {
    $state = onTheHead(...pullsOfHead(1));
    try {
        Before::of($state)->enter($kind, json_decode(json_encode((object) ($payload + ['run' => runOnHead()]))));
        $refused = 'nothing';
    } catch (Refusal $refusal) {
        $refused = $refusal->field;
    }
    expect($refused)->toBe($field);
})->with([
    'a run that nobody began' => ['bolt_pulled', ['run' => '0001', 'stage' => 1, 'bolt' => 'h1'], 'run'],
    'a bolt that is not there' => ['bolt_pulled', ['stage' => 1, 'bolt' => 'h9'], 'bolt'],
    'a stage that is not there' => ['bolt_pulled', ['stage' => 9, 'bolt' => 'h1'], 'stage'],
    'an angle in a stage without one' => ['bolt_pulled', ['stage' => 1, 'bolt' => 'h1', 'angle' => '90 deg'], 'angle'],
    'a torque of nothing' => ['bolt_pulled', ['stage' => 1, 'bolt' => 'h1', 'torque' => '0 N·m'], 'torque'],
    'clicked at once in a check pass, which asks for it' => ['bolt_pulled', ['stage' => 3, 'bolt' => 'h1', 'feel' => 'clicked at once'], 'feel'],
    'a feel that nobody has' => ['bolt_pulled', ['stage' => 1, 'bolt' => 'h1', 'feel' => 'odd'], 'feel'],
    'a wrench that may be off by nothing' => ['bolt_pulled', ['stage' => 1, 'bolt' => 'h1', 'with' => (object) ['wrench' => 'W1', 'doubt' => '0 N·m']], 'with.doubt'],
    'passed by without a reason' => ['bolt_skipped', ['bolt' => 'h1'], 'reason'],
    'replaced, another bolt' => ['bolt_replaced', ['bolt' => 'h9', 'reason' => 'stretched'], 'bolt'],
    'restarted at no stage' => ['stage_restarted', ['stage' => 9, 'reason' => 'pause'], 'stage'],
    'accepted, another bolt' => ['over_accepted', ['bolt' => 'h9', 'reason' => 'so'], 'bolt'],
    'given up, another run' => ['run_abandoned', ['run' => 'x', 'reason' => 'so'], 'run'],
]);

it('never takes upon anybody a fastener that turns without rising', function (string $feel, bool $refuses) {
    $before = Before::of(onTheHead(...[...pullsOfHead(1), ['bolt_pulled', ['run' => runOnHead(), 'stage' => 1, 'bolt' => 'h1', 'feel' => $feel]]]));
    $accept = fn () => $before->enter('over_accepted', (object) ['run' => runOnHead(), 'bolt' => 'h1', 'reason' => 'seen']);
    $refuses ? expect($accept)->toThrow(Refusal::class, 'it is never accepted') : expect($accept)->not->toThrow(Refusal::class);
})->with(['turns' => ['turns without rising', true], 'clicked at once, and seen' => ['clicked at once', false]]);

it('begins a joint only in its turn', function () {
    $state = worked(demoSheet(), upTo(demoSheet(), 'on.piston.1'));
    $start = ['step' => 'pull.head', 'programme' => Programme::on(demoSheet(), 'pull.head')?->toArray()];
    expect(fn () => Before::of($state)->enter('run_started', json_decode(json_encode((object) $start))))->toThrow(Refusal::class, 'First:')
        ->and(fn () => Before::of($state)->enter('run_started', json_decode(json_encode((object) (['step' => 'on.head'] + $start)))))->toThrow(Refusal::class);
});

it('comes to one state whatever the sequence in which two tablets send what they saw', function () {
    $sheet = demoSheet();
    $stored = upTo($sheet, 'on.head');
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'apart'], $at, 'TW')];
    foreach ([...$stored, ...pullsOfHead(1)] as $index => [$kind, $payload]) {
        $entries[] = Entry::stored(sprintf('%04d', $index + 1), $kind, json_decode(json_encode((object) $payload)), $at->modify("+$index seconds"), 'TW');
    }
    $act = Generators::tuple(Generators::elements('h1', 'h2', 'h4'), Generators::choose(1, 2), Generators::choose(0, 40), Generators::elements('TW', 'PQ'));
    Property::holds(25, [Generators::seq($act)], function (array $drawn) use ($sheet, $entries, $at): void {
        $two = $entries;
        foreach (array_slice($drawn, 0, 12) as $index => [$bolt, $stage, $second, $who]) {
            $payload = (object) ['run' => runOnHead(), 'stage' => $stage, 'bolt' => $bolt];
            $two[] = Entry::stored(sprintf('9%03d', $index), 'bolt_pulled', $payload, $at->modify('+'.(600 + $second).' seconds'), $who);
        }
        $mixed = $two;
        shuffle($mixed);
        $seen = static fn (array $log): array => array_map(static fn ($made): string => $made->pull->id.' '.$made->outcome->value, Build::replay($sheet, $log)->runs->of('pull.head')?->made() ?? []);
        expect($seen($mixed))->toBe($seen($two));
    });
});

it('is one run where two tablets began it at once', function () {
    $again = pullsOfHead(1)[0];
    $both = onTheHead(...[...pullsOfHead(3), $again, ['bolt_pulled', ['run' => sprintf('%04d', (int) runOnHead() + 3), 'stage' => 1, 'bolt' => 'h2']]]);
    expect(count($both->runs->all()))->toBe(1)->and($both->runs->of('pull.head')?->next()?->bolt)->toBe('h5');
});
