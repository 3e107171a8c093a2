<?php

use Eris\Generators;
use Moltrek\Core\Tests\Property;

/** Laws of the figures by which an engine is closed: they hold whatever is read. */
it('loses more by leak-down the less is held, and the same share in every unit', function () {
    Property::holds(60, [Generators::choose(100, 1000), Generators::choose(0, 1000)], function (int $supply, int $part): void {
        $held = $supply * $part / 1000;
        $lost = calculated('leak-down', json_encode(['supply' => "$supply kPa", 'held' => "$held kPa"]), 'lost');
        // what is lost and what is held are the whole
        expect($lost)->toEqualWithDelta(1 - $part / 1000, 1e-9)
            ->and(calculated('leak-down', json_encode(['supply' => ($supply / 100).' bar', 'held' => ($held / 100).' bar']), 'lost'))->toEqualWithDelta($lost, 1e-9);
    });
});

it('judges a leak the same whether it was watched for long or short', function () {
    Property::holds(60, [Generators::choose(20, 80), Generators::choose(0, 200), Generators::choose(1, 30), Generators::choose(2, 5)], function (int $start, int $tenths, int $minutes, int $longer): void {
        $limit = ['drop' => '7 kPa', 'time' => '6 min'];
        $drop = min($start / $longer, $tenths / 10);
        $read = fn (float $fell, int $in): string => json_encode(['start' => "$start kPa", 'end' => ($start - $fell).' kPa', 'time' => "$in min", 'limit' => $limit]);
        [$short, $long] = [$read($drop, $minutes), $read($drop * $longer, $minutes * $longer)];
        expect(calculated('leak-rate', $short, 'per_minute.value'))->toEqualWithDelta(calculated('leak-rate', $long, 'per_minute.value'), 1e-6);
        // on the edge itself the last digit decides
        if (abs($drop / $minutes - 7 / 6) > 1e-6) {
            expect(calculated('leak-rate', $short, 'state'))->toBe(calculated('leak-rate', $long, 'state'))->toBe($drop / $minutes <= 7 / 6 ? 'within' : 'out');
        }
    });
});

it('mixes oil by the part that the ratio says, however the fuel is measured out', function () {
    Property::holds(60, [Generators::choose(1, 400), Generators::choose(5, 200), Generators::choose(1, 9)], function (int $tenths, int $ratio, int $cans): void {
        $oil = fn (float $litres): float => calculated('premix', json_encode(['fuel' => "$litres L", 'ratio' => $ratio]), 'oil.value');
        expect($oil($tenths / 10) * $ratio)->toEqualWithDelta($tenths * 100, 1e-6)
            ->and($oil($tenths / 10 * $cans))->toEqualWithDelta($cans * $oil($tenths / 10), 1e-6);
    });
});

it('spreads compression between nought and one, the same in whatever order the cylinders were read', function () {
    Property::holds(60, [Generators::vector(4, Generators::choose(1, 1500))], function (array $read): void {
        $named = fn (array $each): string => json_encode(['cylinders' => array_map(fn (int $pressure): string => "$pressure kPa", array_combine(array_map(fn (int $at): string => "c$at", array_keys($each)), $each))]);
        $spread = calculated('compression-test', $named($read), 'spread');
        expect($spread)->toEqualWithDelta((max($read) - min($read)) / max($read), 1e-9)
            ->and(calculated('compression-test', $named(array_reverse($read)), 'spread'))->toBe($spread)
            ->and(calculated('compression-test', $named(array_map(fn (int $each): int => $each * 2, $read)), 'spread'))->toEqualWithDelta($spread, 1e-9);
    });
});
