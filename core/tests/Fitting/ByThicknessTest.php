<?php

use Eris\Generators;
use Moltrek\Core\Fitting\ByThickness;
use Moltrek\Core\Fitting\Piece;
use Moltrek\Core\Fitting\ThicknessChoice;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Tests\Property;

/** Every way to take one to three of these, by nested loops, as [places, sum]. */
function everyWay(array $sizes, array $counts): array
{
    $ways = [];
    $places = array_keys($sizes);
    foreach ($places as $a) {
        $ways[] = [$a];
        foreach ($places as $b) {
            $ways[] = [$a, $b];
            foreach ($places as $c) {
                $ways[] = [$a, $b, $c];
            }
        }
    }
    $ways = array_filter($ways, function (array $way) use ($counts): bool {
        $sorted = $way;
        sort($sorted);
        $taken = array_count_values($way);

        return $sorted === $way && array_filter($taken, fn (int $times, int $place): bool => $times > $counts[$place], ARRAY_FILTER_USE_BOTH) === [];
    });

    return array_map(fn (array $way): array => [$way, array_sum(array_map(fn (int $place): int => $sizes[$place], $way))], array_values($ways));
}

it('offers all that lands, in order, and else the three that miss by least', function () {
    Property::holds(300, [Generators::vector(5, Generators::choose(1, 60)), Generators::vector(5, Generators::choose(0, 3)), Generators::choose(0, 200), Generators::choose(0, 30)],
        function (array $sizes, array $counts, int $measured, int $room): void {
            [$min, $max] = [100, 100 + $room];
            $hundredths = fn (int $count): Length => Length::ofNanometres($count * 10_000);
            $shelf = array_map(fn (int $place): Piece => new Piece("p$place", $hundredths($sizes[$place]), $counts[$place]), array_keys($sizes));
            $found = (new ByThickness([$hundredths($measured)], $hundredths(50), 1, $hundredths($min), $hundredths($max)))->among($shelf, 1, 3);

            $value = fn (array $way): int => $measured + $way[1] - 50;
            $order = fn (array $way): array => [abs(2 * $value($way) - $min - $max), count($way[0]), $way[1], $way[0]];
            $miss = fn (array $way): int => max($min - $value($way), $value($way) - $max, 0);
            $all = everyWay($sizes, $counts);
            $landing = array_values(array_filter($all, fn (array $way): bool => $miss($way) === 0));
            usort($landing, fn (array $one, array $other): int => $order($one) <=> $order($other));
            usort($all, fn (array $one, array $other): int => [$miss($one), ...$order($one)] <=> [$miss($other), ...$order($other)]);
            $named = fn (array $ways): array => array_map(fn (array $way): array => array_map(fn (int $place): string => "p$place", $way[0]), $ways);
            $pieces = fn (array $choices): array => array_map(fn (ThicknessChoice $choice): array => $choice->pieces, $choices);

            expect($pieces($found->choices))->toBe($named(array_slice($landing, 0, 10)))
                ->and($pieces($found->nearly))->toBe($landing === [] ? $named(array_slice($all, 0, 3)) : []);
        });
});

it('adds below the barrel what it adds to the deck', function () {
    Property::holds(200, [Generators::choose(-50, 150), Generators::choose(1, 120)], function (int $deck, int $more): void {
        $hundredths = fn (int $count): Length => Length::ofNanometres($count * 10_000);
        $fit = new ByThickness([$hundredths($deck)], $hundredths(0), 1, $hundredths(-1000), $hundredths(1000));
        expect($fit->among([new Piece('a', $hundredths($more), 1)], 1, 1)->choices[0]->low->nanometres)->toEqual(($deck + $more) * 10_000);
    });
});

it('refuses more ways than anybody waits for', function () {
    $shelf = array_map(fn (int $place): Piece => new Piece("p$place", Length::ofNanometres($place), 9), range(1, 400));
    (new ByThickness([Length::zero()], Length::zero(), 1, Length::zero(), Length::zero()))->among($shelf, 1, 4);
})->throws(OutOfDomain::class, 'more ways');
