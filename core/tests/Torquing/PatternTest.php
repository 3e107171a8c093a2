<?php

use Eris\Generators;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Tests\Property;
use Moltrek\Core\Torquing\Bolt;
use Moltrek\Core\Torquing\Joint;
use Moltrek\Core\Torquing\Pattern;

/** @param  array<array-key, array{float, float}>  $places millimetres */
function aJoint(array $places): Joint
{
    return new Joint(array_map(static fn (string|int $id, array $at): Bolt => new Bolt((string) $id, Length::of($at[0].' mm'), Length::of($at[1].' mm')), array_keys($places), $places));
}

const SQUARE = ['a' => [-40, -30], 'b' => [40, -30], 'c' => [40, 30], 'd' => [-40, 30]];

/** Ten bolts in two rows, as on a four-cylinder head. */
const TEN = ['1' => [-160, -43], '2' => [-80, -43], '3' => [0, -43], '4' => [80, -43], '5' => [160, -43], '6' => [-160, 43], '7' => [-80, 43], '8' => [0, 43], '9' => [80, 43], '10' => [160, 43]];

it('goes round anticlockwise from the right, the one in the middle first', function () {
    expect(Pattern::round(aJoint(SQUARE))->order())->toBe(['c', 'd', 'a', 'b'])
        ->and(Pattern::round(aJoint(['m' => [0, 0]] + SQUARE))->order())->toBe(['m', 'c', 'd', 'a', 'b'])
        ->and(Pattern::round(aJoint(['far' => [20, 0], 'near' => [10, 0], 'left' => [-30, 0]]))->order())->toBe(['near', 'far', 'left']);
});

it('tells how far the part tilts after each bolt', function () {
    // about the middle: one corner 50 of 50; two in a diagonal 0; three: the fourth’s absence, 50/3 of 50; all 0
    expect(Pattern::cross(aJoint(SQUARE))->tilts())->toEqualWithDelta([1.0, 0.0, 1 / 3, 0.0], 1e-12);
    // a row of two, both on one side after another: 1, then (30, 0)-wise 40/50... worked for the order b, c: centroid (40, 0), 40/50
    expect(Pattern::given(aJoint(SQUARE), ['b', 'c', 'a', 'd'])->tilts())->toEqualWithDelta([1.0, 0.8, 1 / 3, 0.0], 1e-12);
});

it('crosses over with every second bolt, and tilts no more than going round', function (array $places) {
    $joint = aJoint($places);
    $cross = Pattern::cross($joint);
    expect($cross->meanTilt())->toBeLessThanOrEqual(Pattern::round($joint)->meanTilt() + 1e-9);
    $index = array_flip($joint->ids);
    $order = array_map(static fn (string $id): int => $index[$id], $cross->order());
    foreach ($order as $at => $bolt) {
        $left = array_slice($order, $at);
        if ($at % 2 === 1 && array_filter($left, static fn (int $other): bool => $joint->areAcross($order[$at - 1], $other)) !== []) {
            expect($joint->areAcross($order[$at - 1], $bolt))->toBeTrue();
        }
    }
})->with(['four' => [SQUARE], 'ten' => [TEN], 'five in a ring' => [['a' => [50, 0], 'b' => [15, 48], 'c' => [-40, 29], 'd' => [-40, -29], 'e' => [15, -48]]], 'one' => [['a' => [3, 4]]]]);

it('works from the middle outwards', function () {
    $joint = aJoint(TEN);
    $order = Pattern::insideOut($joint)->order();
    // the middle pair, the four beside it, the four corners
    expect([array_slice($order, 0, 2), array_slice($order, 2, 4), array_slice($order, 6)])->toEqualCanonicalizing([['3', '8'], ['2', '4', '7', '9'], ['1', '5', '6', '10']])
        ->and($order[0])->toBe('3')->and($order[1])->toBe('8');
});

it('names every bolt once, whatever the pattern, and depends on neither origin nor sequence', function () {
    $place = Generators::tuple(Generators::choose(-200, 200), Generators::choose(-200, 200));
    Property::holds(60, [Generators::vector(9, $place), Generators::choose(-500, 500), Generators::choose(2, 9)], function (array $drawn, int $shift, int $count): void {
        $places = [];
        foreach (array_slice($drawn, 0, $count) as $index => $at) {
            $places['b'.$index] = $at;
        }
        $moved = array_reverse(array_map(static fn (array $at): array => [$at[0] + $shift, $at[1] - $shift], $places), true);
        foreach (['round', 'cross', 'insideOut'] as $kind) {
            $pattern = Pattern::{$kind}(aJoint($places));
            expect($pattern->order())->toEqualCanonicalizing(array_keys($places))->and(Pattern::{$kind}(aJoint($moved))->order())->toBe($pattern->order());
            foreach ($pattern->tilts() as $tilt) {
                expect($tilt)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0 + 1e-9);
            }
        }
    });
});

it('keeps to the middle: no bolt is nearer to it than an earlier one by more than a tenth of the largest distance', function () {
    $place = Generators::tuple(Generators::choose(-200, 200), Generators::choose(-200, 200));
    Property::holds(60, [Generators::vector(8, $place)], function (array $drawn): void {
        $places = [];
        foreach ($drawn as $index => $at) {
            $places['b'.$index] = $at;
        }
        $joint = aJoint($places);
        $index = array_flip($joint->ids);
        $distances = array_map(static fn (string $id): float => $joint->distance($index[$id]), Pattern::insideOut($joint)->order());
        expect($distances[0])->toEqualWithDelta(min($distances), 1e-6 * max(1.0, $joint->largest));
        foreach ($distances as $at => $distance) {
            expect(max(array_slice($distances, 0, $at + 1)) - $distance)->toBeLessThanOrEqual(0.1 * $joint->largest + 1.0);
        }
    });
});

it('takes an order that names every bolt once, and no other', function (array $order) {
    expect(fn () => Pattern::given(aJoint(SQUARE), $order))->toThrow(ContradictoryFields::class);
})->with([[['a', 'b', 'c']], [['a', 'b', 'c', 'c']], [['a', 'b', 'c', 'd', 'e']], [[]]]);
