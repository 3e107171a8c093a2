<?php

use Eris\Generators;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Sheet\AfterOver;
use Moltrek\Core\Tests\Property;
use Moltrek\Core\Torquing\Due;
use Moltrek\Core\Torquing\Made;
use Moltrek\Core\Torquing\Programme;
use Moltrek\Core\Torquing\Pull;
use Moltrek\Core\Torquing\PulledWith;
use Moltrek\Core\Torquing\PullFeel;
use Moltrek\Core\Torquing\PullSaid;
use Moltrek\Core\Torquing\Run;

/** Three bolts a, b, c in a row, pulled in that order in these stages. */
function threeBolts(array $stages, array $more = []): Run
{
    $bolts = array_map(fn (string $id, int $x): array => ['id' => $id, 'slab' => 'head', 'x' => "$x mm", 'y' => '0 mm', 'thread' => 'M8x1.25'] + ($more[$id] ?? []), ['a', 'b', 'c'], [0, 40, 80]);
    $stages[0] += ['order' => ['a', 'b', 'c']];
    $document = ['groups' => [['id' => 'head', 'name' => 'Head', 'source' => 'engine maker', 'bolts' => $bolts, 'stages' => $stages]]];

    return new Run('run', 'pull.head', Programme::read(Fields::of(json_decode(json_encode($document)), ...Programme::payload()->names())));
}

/**
 * What happens, one word after another: "a" or "a2" pulls the bolt in the stage that is due or in stage 2; "=12" after it says the figure,
 * "!" that it went over, ">" past this stage, "~" that it was felt, "^" that it moved, "*" that it clicked at once, "%" that it turns without rising, "w" a wrench that gives 20 ± 1.2 N·m; "-a" passes it by, "+a" replaces it, "<2" restarts at stage 2, "ok:a"
 * accepts.
 */
function happens(Run $run, string $what): Run
{
    foreach (array_filter(explode(' ', $what)) as $index => $word) {
        preg_match('/^(ok:|[-+<])?([a-c]|\d)(\d)?(?:=([\d.]+))?([!>~^*%])?(w)?$/', $word, $part) === 1 || throw new LogicException($word);
        [, $act, $bolt] = $part;
        $sign = $part[5] ?? '';
        $feel = ['*' => PullFeel::ClickedAtOnce, '%' => PullFeel::TurnsWithoutRising][$sign] ?? null;
        match ($act) {
            '-' => $run->skip($bolt, 'crank cannot be held', 'rotor on'),
            '+' => $run->replace($bolt, 'stretched'),
            '<' => $run->restart((int) $bolt - 1),
            'ok:' => $run->accept($bolt),
            default => $run->pull(new Pull((string) $index, $bolt, ($part[3] ?? '') !== '' ? (int) $part[3] - 1 : $run->next()->pass ?? $run->current() ?? 0, 'TW',
                new DateTimeImmutable('@'.$index), new PullSaid(($part[4] ?? '') === '' ? null : (float) $part[4], $sign === '~', $sign === '^', $sign === '>', $sign === '!', $feel), isset($part[6]) ? wrenchInDoubt() : null)),
        };
    }

    return $run;
}

function wrenchInDoubt(): PulledWith
{
    return PulledWith::read(Fields::of((object) ['wrench' => 'W2', 'gives' => '20 N·m', 'doubt' => '1.2 N·m'], ...PulledWith::payload()->names()));
}

/** Where a run stands: "2 b" is the second stage, bolt b. */
function stands(Run $run): string
{
    $due = $run->next();

    return match (true) {
        $run->whyVoid() !== null => 'void',
        $run->asked() !== null => $run->asked()->outcome->value.' '.$run->asked()->pull->bolt,
        $due instanceof Due => ($due->pass + 1).' '.$due->bolt.($due->turned > 0 ? ' '.$due->turned : ''),
        default => $run->isComplete() ? 'complete' : 'stuck',
    };
}

/** @return list<string> */
function outcomes(Run $run): array
{
    return array_map(static fn (Made $made): string => $made->pull->bolt.' '.$made->outcome->value, $run->made());
}

const TWO = [['kind' => 'torque', 'figure' => '10 N·m'], ['kind' => 'torque', 'figure' => '20 N·m']];
const EASED = [['kind' => 'torque', 'figure' => '30 N·m'], ['kind' => 'loosen', 'how' => 'all'], ['kind' => 'torque', 'figure' => '12 N·m']];
const TURNED = [['kind' => 'torque', 'figure' => '10 N·m'], ['kind' => 'angle', 'min' => '85 deg', 'max' => '95 deg']];

it('is at any moment at one bolt of one stage', function (array $stages, string $what, string $expected) {
    expect(stands(happens(threeBolts($stages), $what)))->toBe($expected);
})->with([
    'at the beginning' => [TWO, '', '1 a'],
    'in the order of its stage' => [TWO, 'a b', '1 c'],
    'on to the next stage' => [TWO, 'a b c', '2 a'],
    'to its check pass' => [TWO, 'a b c a b c', '3 a'],
    'complete with the check pass, not before' => [TWO, 'a b c a b c a b', '3 c'],
    'and then complete' => [TWO, 'a b c a b c a b c', 'complete'],
    'out of order: back to the one that was missed' => [TWO, 'a c', '1 b'],
    'out of order: no stage further before it has been pulled' => [TWO, 'a c c2', '1 b'],
    'a figure inside its tolerance' => [TWO, 'a=10.4', '1 b'],
    'short of it: the same again' => [TWO, 'a=9.2', '1 a'],
    'past this stage and not the final figure: noted, and on' => [TWO, 'a=10.6', '1 b'],
    'the same as the mechanic says' => [TWO, 'a>', '1 b'],
    'past this stage in the last one is past the final figure' => [TWO, 'a b c a>', 'over a'],
    'past the final figure in the first stage: asked' => [TWO, 'a=21.1 b', 'over a'],
    'up to the end of the final figure it is not' => [TWO, 'a=21', '1 b'],
    'over: nothing further until it is settled' => [TWO, 'a b c a=21.2 b', 'over a'],
    'what an angle is turned from is final in itself' => [TURNED, 'a=10.6', 'over a'],
    'a stage that is eased again is final in itself' => [EASED, 'a=30.1', '1 b'],
    'past it: asked' => [EASED, 'a=31.6', 'over a'],
    'past the lower figure that comes after the easing: asked' => [EASED, 'a b c a b c a=13', 'over a'],
    'over, as the mechanic says' => [TWO, 'a!', 'over a'],
    'clicked at once: asked' => [TWO, 'a b*', 'clicked at once b'],
    'clicked at once where it was past the stage before: no wonder' => [TWO, 'a=17 b c a*', '2 b'],
    'clicked at once, and seen: it counts' => [TWO, 'a b* ok:b', '1 c'],
    'clicked at once, out and in again: from its first stage' => [TWO, 'a b c a b* +b', '1 b'],
    'turns without rising: asked' => [TWO, 'a b%', 'turns without rising b'],
    'turns without rising is never accepted' => [TWO, 'a b% ok:b', 'turns without rising b'],
    'turns without rising, owed until the thread is mended: the others go on' => [TWO, 'a b% -b', '1 c'],
    'short of it by what the tool says, in doubt by what it may be off: pulled again' => [TWO, 'a b c a=18.5w', '2 a'],
    'in doubt at the upper end alone' => [[['kind' => 'torque', 'min' => '15 N·m', 'max' => '21 N·m']], 'aw b', '1 c'],
    'in doubt at the final figure: it counts' => [TWO, 'a b c aw', '2 b'],
    'over, slackened and restarted' => [TWO, 'a b! <1', '1 a'],
    'over in the second stage: the first stands' => [TWO, 'a b c a! <2', '2 a'],
    'over, accepted by name' => [TWO, 'a b! ok:b', '1 c'],
    'all slackened: everything from the first stage' => [TWO, 'a b c a b! <1', '1 a'],
    'two of them over: both are settled' => [TWO, 'a! b! ok:a', 'over b'],
    'over, replaced: brought up to the others at once' => [TWO, 'a b c a b=22 +b', '1 b'],
    'brought up stage by stage' => [TWO, 'a b c a b=22 +b b', '2 b'],
    'and on with the others' => [TWO, 'a b c a b=22 +b b b', '2 c'],
    'replaced at the end: the check pass is gone round anew' => [TWO, 'a b c a b c a b c +b', '1 b'],
    'replaced and brought up: all of them are checked again' => [TWO, 'a b c a b c a b c +b b b', '3 a'],
    'a click twice is no harm' => [TWO, 'a a1', '1 b'],
    'passed by: the others go on' => [TWO, 'a -b', '1 c'],
    'passed by is never asked for in the later stages' => [TWO, 'a -b c', '2 a'],
    'complete without the one that is owed' => [TWO, 'a -b c a c a c', 'complete'],
    'one that was owed comes back while the stage still runs' => [TWO, 'a -b b1', '1 c'],
    'a check pass in which one moved is gone round again' => [TWO, 'a b c a b c a b^ c', '3 a'],
    'until none has moved' => [TWO, 'a b c a b c a b^ c a b c', 'complete'],
    'an angle that was interrupted keeps what was turned' => [TURNED, 'a b c a=40', '2 a 40'],
    'and is complete with the rest' => [TURNED, 'a b c a=40 a=50', '2 b'],
    'turned too far in two goes' => [TURNED, 'a b c a=40 a=60', 'over a'],
    'restarted from snug, because an angle is counted from there' => [TURNED, 'a b c a=100 <1', '1 a'],
    'felt where no wrench reaches' => [TWO, 'a~', '1 b'],
]);

it('says of each pull what became of it', function (array $stages, string $what, array $expected) {
    expect(outcomes(happens(threeBolts($stages), $what)))->toBe($expected);
})->with([
    'out of order, and the missed one after it' => [TWO, 'b a c', ['b out of order', 'a done', 'c done']],
    'ahead of its stage' => [TWO, 'a a2', ['a done', 'a ahead of its stage']],
    'twice' => [TWO, 'a a1', ['a done', 'a again']],
    'under, then right' => [TWO, 'a=9 a=10', ['a under', 'a done']],
    'past its stage, and past its stage out of turn' => [TWO, 'a=10.6 c=11', ['a past its stage', 'c out of order']],
    'sure at a stage on the way whatever the wrench may be off; in doubt at the final figure' => [[['kind' => 'torque', 'figure' => '20 N·m'], ['kind' => 'torque', 'figure' => '21 N·m']], 'aw bw cw aw', ['a done', 'b done', 'c done', 'a in doubt']],
    'in doubt at the upper end alone' => [[['kind' => 'torque', 'min' => '15 N·m', 'max' => '21 N·m']], 'aw', ['a in doubt']],
    'sure by a little' => [[['kind' => 'torque', 'min' => '18.7 N·m', 'max' => '21.3 N·m']], 'aw', ['a done']],
    'what the hand felt' => [TWO, 'a* ok:a b%', ['a clicked at once', 'b turns without rising']],
    'interrupted' => [TURNED, 'a b c a=30', ['a done', 'b done', 'c done', 'a interrupted']],
    'after the end' => [[['kind' => 'snug']], 'a b c a b c a2', ['a done', 'b done', 'c done', 'a done', 'b done', 'c done', 'a after the end']],
]);

it('names what was missed', function () {
    expect(happens(threeBolts(TWO), 'c')->missed(0))->toBe(['a', 'b'])->and(happens(threeBolts(TWO), 'a')->missed(0))->toBe([]);
});

it('knows where the group of a stage begins', function (int $pass, int $expected) {
    $group = fn (string $id): array => ['id' => $id, 'name' => $id, 'source' => 'engine maker', 'bolts' => [['id' => $id, 'slab' => 'head', 'x' => '0 mm', 'y' => '0 mm', 'thread' => 'M8x1.25']], 'stages' => TWO];
    $programme = Programme::read(Fields::of(json_decode((string) json_encode(['groups' => [$group('main'), $group('side')]])), ...Programme::payload()->names()));
    expect($programme->begins($pass))->toBe($expected);
})->with(['first of the main ones' => [0, 0], 'their check pass' => [2, 0], 'first of the side ones' => [3, 3], 'their check pass ' => [5, 3]]);

it('asks in words that say whether the wrench is sure, and what to do', function (string $what, string $headline, string $ask) {
    $verdict = happens(threeBolts(TWO), $what)->verdictOnAsked();
    expect($verdict?->headline('a'))->toBe($headline)->and($verdict?->ask(AfterOver::Replace))->toContain($ask);
})->with([
    'sure' => ['a b c a=22', 'a went past its limit', 'Replace the fastener.'],
    'said by the mechanic, whatever the wrench is set to' => ['a b c a!w', 'a went past its limit', 'Replace the fastener.'],
    'said by the mechanic' => ['a!', 'a went past its limit', 'Replace the fastener.'],
    'within the doubt of 1.2 N·m' => ['a b c a=21.5w', 'a perhaps went past its limit', 'Replace the fastener.'],
    'beyond it' => ['a b c a=22.3w', 'a went past its limit', 'Replace the fastener.'],
    'clicked at once' => ['a*', 'a clicked at once', 'hole is clean and deep enough'],
    'turns' => ['a%', 'a turns without rising', 'do not pull it to the figure'],
]);

it('offers to go back after a pause, but never to turn an angle twice', function (array $stages, string $what, array $expected) {
    expect(happens(threeBolts($stages), $what)->stagesBack())->toBe($expected);
})->with([
    'nothing pulled' => [TWO, '', []],
    'in the first stage' => [TWO, 'a', [0]],
    'at the beginning of the second' => [TWO, 'a b c', [0]],
    'in the second' => [TWO, 'a b c a', [1, 0]],
    'before the first angle' => [TURNED, 'a b c', [0]],
    'an angle begun' => [TURNED, 'a b c a=90', []],
    'an angle interrupted' => [TURNED, 'a b c a=20', []],
]);

it('keeps in sight what was felt, snug, replaced, owed, or pulled with a wrench past its check', function () {
    $run = happens(threeBolts(TWO, ['c' => ['owed_until' => 'the bracket is on']]), '+a a~');
    $run->pull(new Pull('x', 'b', 0, 'TW', new DateTimeImmutable('@9'), with: PulledWith::read(Fields::of((object) ['wrench' => 'W2', 'overdue' => true], ...PulledWith::payload()->names()))));
    expect($run->remarks())->toBe(['a felt, not torqued', 'a replaced: stretched', 'pulled with W2, past its check'])
        ->and(array_map(fn ($owed): string => $owed->bolt.': '.$owed->release, $run->owed()))->toBe(['c: the bracket is on'])
        ->and(threeBolts([['kind' => 'snug']])->remarks())->toBe(['a, b, c snug, no figure'])
        ->and(happens(threeBolts(TWO), 'a=10.6 b> c aw bw')->remarks())->toBe(['a went past stage 1 (10.6 N·m)', 'b went past stage 1', 'a, b: 20.0 N·m ± 1.2 is not surely within 19.0 N·m to 21.0 N·m']);
});

it('holds for nothing once it is void, and takes nothing more', function () {
    $run = happens(threeBolts(TWO), 'a b');
    $run->voidBecause('lifted: head');
    happens($run, 'c');
    expect(stands($run))->toBe('void')->and(outcomes($run))->toBe(['a done', 'b done', 'c after the end'])->and($run->isComplete())->toBeFalse();
});

it('comes to its end from anywhere by doing what is due', function () {
    $word = Generators::elements('a', 'b', 'c', 'a2', 'b2', 'c3', 'a=9', 'b=11', 'a=30', '+b', '-c', '-a', '<1', '<2', 'b^', 'ok:a', 'ok:b', 'a%', 'b*', 'c>', 'bw');
    Property::holds(120, [Generators::seq($word)], function (array $words): void {
        $run = happens(threeBolts(TWO), implode(' ', $words));
        for ($round = 0; $round < 40 && $run->isRunning(); $round++) {
            $asked = $run->asked()?->pull->bolt;
            happens($run, $asked === null ? $run->next()->bolt ?? 'nothing is due' : "+$asked");
        }
        expect(stands($run))->toBe('complete', implode(' ', $words));
    });
});

it('says with what it was pulled, what that gives and how far it may be off', function (array $with, string $words) {
    expect(PulledWith::read(Fields::of((object) (['wrench' => 'W2'] + $with), ...PulledWith::payload()->names()))->words())->toBe($words);
})->with([
    'nothing but its name' => [[], 'W2'],
    'what stood on its dial' => [['dial' => '17.5 lbf·ft'], 'W2 at 17.5 lbf·ft'],
    'all of it' => [['dial' => '17.5 lbf·ft', 'gives' => '24.06 N·m', 'doubt' => '0.58 N·m', 'adapter' => 'open end 12', 'overdue' => true], 'W2 at 17.5 lbf·ft, 24.1 ± 0.6 N·m at the bolt, adapter open end 12, past its check'],
]);
