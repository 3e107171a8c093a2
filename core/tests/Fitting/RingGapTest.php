<?php

use Moltrek\Core\Fitting\RingGap;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\Leaf;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\GapRule;

/** @param  list<string>  $shelf */
function bracketOf(?string $passes, ?string $drags, ?string $refuses, array $shelf = []): FeelerBracket
{
    $leaf = fn (?string $text): ?Length => $text === null ? null : Length::of($text.' mm');

    return FeelerBracket::of($leaf($passes), $leaf($drags), $leaf($refuses), array_map($leaf, $shelf));
}

/** @param  list<string>  $shelf */
function gapOf(FeelerBracket $bracket, array $shelf = [], ?int $min = 220_000, ?int $max = 360_000, ?int $serviceMax = 600_000): RingGap
{
    return RingGap::of($bracket, Limit::between(Dimension::Length, $min, $max, null, $serviceMax), array_map(fn (string $text): Leaf => new Leaf(Length::of($text.' mm'), $text.' mm'), $shelf));
}

it('brackets the gap between leaves', function (?string $passes, ?string $drags, ?string $refuses, array $shelf, int $low, ?int $high, float $nominal) {
    $bracket = bracketOf($passes, $drags, $refuses, $shelf);
    expect([$bracket->low->nanometres, $bracket->high?->nanometres, (float) $bracket->interval()->nominal])->toBe([$low, $high, $nominal]);
})->with([
    'passes and refuses: the middle' => ['0.20', null, '0.25', [], 200_000, 250_000, 225_000.0],
    'only passes: open upwards' => ['0.20', null, null, [], 200_000, null, 200_000.0],
    'only refuses: from nothing' => [null, null, '0.25', [], 0, 250_000, 125_000.0],
    'a drag is about the gap itself' => ['0.20', '0.22', '0.25', [], 220_000, 250_000, 220_000.0],
    'a drag stops short of the next leaf of the set' => [null, '0.22', null, ['0.30', '0.25', '0.20'], 220_000, 250_000, 220_000.0],
    'a drag with no thicker leaf is open' => [null, '0.30', null, ['0.30', '0.20'], 300_000, null, 300_000.0],
]);

it('refuses leaves that contradict each other and names the thicker', function (?string $passes, ?string $drags, ?string $refuses, string $field) {
    expect(fn () => bracketOf($passes, $drags, $refuses))->toThrow(function (ContradictoryFields $refusal) use ($field): void {
        expect($refusal->field)->toBe($field);
    });
})->with([
    ['0.30', null, '0.25', 'passes'], ['0.30', '0.22', null, 'passes'], [null, '0.30', '0.25', 'drags'], ['0.25', null, '0.25', 'passes'],
]);

it('needs a leaf', function () {
    expect(fn () => bracketOf(null, null, null))->toThrow(MalformedDocument::class);
});

it('says how much to file while the gap is tight', function (FeelerBracket $bracket, ?int $max, ?array $file) {
    $answer = gapOf($bracket, max: $max)->file();
    expect($answer === null ? null : [$answer->atLeast->nanometres, $answer->atMost?->nanometres, $answer->bySteps])->toBe($file);
})->with([
    'min − low and max − high: 0.22 − 0.15, 0.36 − 0.20' => [bracketOf('0.15', null, '0.20'), 360_000, [70_000, 160_000, false]],
    'still unsure on the tight side' => [bracketOf('0.20', null, '0.25'), 360_000, [20_000, 110_000, false]],
    'no maximum' => [bracketOf('0.15', null, '0.20'), null, [70_000, null, false]],
    'a maximum, but no leaf has refused' => [bracketOf('0.15', null, null), 360_000, null],
    'a window of one point' => [bracketOf('0.10', null, '0.24'), 360_000, [120_000, 120_000, false]],
    'an empty window whose thicker leaf lies above the minimum: nothing need come off for certain' => [bracketOf('0.10', null, '0.25'), 360_000, null],
    'an empty window: 0.22 − 0.21 at the least, step by step' => [bracketOf('0.05', null, '0.21'), 360_000, [10_000, null, true]],
    'under the thinnest leaf: 0.22 − 0.05, step by step' => [bracketOf(null, null, '0.05'), 360_000, [170_000, null, true]],
    'under the thinnest leaf, no maximum' => [bracketOf(null, null, '0.05'), null, [170_000, null, true]],
    'under a leaf as thick as the minimum' => [bracketOf(null, null, '0.22'), 360_000, null],
    'a drag and a refusal, no maximum' => [bracketOf(null, '0.15', '0.20'), null, [70_000, null, false]],
    'it fits' => [bracketOf('0.25', null, '0.30'), 360_000, null],
    'too wide' => [bracketOf('0.70', null, '0.75'), 360_000, null],
]);

it('names the leaves that would settle it', function (FeelerBracket $bracket, array $shelf, array $trials) {
    expect(array_map(fn (array $trial): array => [$trial['text'], $trial['must']], gapOf($bracket, $shelf)->toArray()['try']))->toBe($trials);
})->with([
    'the minimum must pass' => [bracketOf('0.20', null, '0.25'), ['0.20', '0.22', '0.25'], [['0.22 mm', 'pass']]],
    'the maximum must refuse' => [bracketOf('0.30', null, '0.40'), ['0.30', '0.33', '0.35', '0.40'], [['0.35 mm', 'refuse']]],
    'both, the pass first' => [bracketOf('0.15', null, '0.40'), ['0.35', '0.25', '0.30', '0.20'], [['0.25 mm', 'pass'], ['0.35 mm', 'refuse']]],
    'one leaf alone must pass' => [bracketOf('0.15', null, '0.40'), ['0.25'], [['0.25 mm', 'pass']]],
    'open upwards' => [bracketOf('0.25', null, null), ['0.25', '0.30', '0.35'], [['0.35 mm', 'refuse']]],
    'no leaf between' => [bracketOf('0.20', null, '0.25'), ['0.20', '0.25'], []],
    'nothing to settle' => [bracketOf('0.25', null, '0.30'), ['0.28'], []],
    'a leaf that stands on the shelf twice' => [bracketOf('0.15', null, '0.40'), ['0.25', '0.25', '0.35'], [['0.25 mm', 'pass'], ['0.35 mm', 'refuse']]],
]);

it('counts a rule on the bore without rounding', function () {
    // 0.004 in per inch on 55 mm is 0.22 mm exactly; 0.1 mm per inch is 5.5/25.4 mm
    $whole = (new GapRule(Length::of('0.004 in'), null, Length::of('1 in')))->limitFor(Length::of('55 mm'));
    $broken = (new GapRule(Length::of('0.1 mm'), null, Length::of('1 in')))->limitFor(Length::of('55 mm'));
    expect($whole->min)->toBe(220_000)->and($broken->min)->toEqualWithDelta(5_500_000 / 25.4, 1e-9);
});
