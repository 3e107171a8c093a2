<?php

use Eris\Generators;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Sheet\Rotation;
use Moltrek\Core\Tests\Property;
use Moltrek\Core\Timing\CamWheelStep;
use Moltrek\Core\Timing\CrankPlace;
use Moltrek\Core\Timing\DeadCentre;
use Moltrek\Core\Timing\DialledCrank;
use Moltrek\Core\Timing\IgnitionPlate;
use Moltrek\Core\Timing\IgnitionRead;
use Moltrek\Core\Timing\WheelPair;

function dialled(array $more = []): DialledCrank
{
    return DialledCrank::read(Fields::of((object) (['stroke' => '58.4 mm', 'rod' => '112 mm'] + $more), ...DialledCrank::KEYS));
}

it('reads a place the same from each of its three ways, on both sides of the top', function () {
    Property::holds(300, [Generators::choose(0, 1800), Generators::choose(0, 60)], function (int $tenths, int $incline): void {
        $crank = dialled(['incline' => "$incline deg"]);
        $place = CrankPlace::atDegrees($crank, $tenths * 100_000_000);
        expect(CrankPlace::atDegrees($crank, -$tenths * 100_000_000)->below)->toBe($place->below)
            ->and(CrankPlace::atBelow($crank, $place->below)->degrees)->toEqualWithDelta($place->degrees, 100)
            ->and(CrankPlace::atDial($crank, $place->dial)->degrees)->toEqualWithDelta($place->degrees, 100);
    });
});

it('finds the same dead centre from any pair, in whatever sequence and whichever way the wheel counts', function () {
    Property::holds(300, [Generators::choose(0, 3599), Generators::choose(1, 899), Generators::choose(1, 899)], function (int $top, int $one, int $other): void {
        $at = fn (int $tenths): int => $tenths * 100_000_000;
        $found = DeadCentre::between([WheelPair::of($at($top - $one), $at($top + $one)), WheelPair::of($at($top + $other), $at($top - $other))]);
        expect($found->tdc)->toEqual($at($top))->and($found->spread)->toEqual(0);
        // the wheel turned by what it says reads nothing there
        $set = DeadCentre::between([WheelPair::of($at($top - $one) + $found->setBy(), $at($top + $one) + $found->setBy())]);
        expect($set->setBy())->toEqual(0);
    });
});

it('leaves no error of an ignition point once the plate has been turned as it says', function () {
    Property::holds(200, [Generators::choose(50, 400), Generators::choose(50, 400), Generators::elements('clockwise', 'anticlockwise'), Generators::elements('crank', 'half')], function (int $read, int $aim, string $rotation, string $speed): void {
        $crank = dialled();
        $ignition = fn (float $degrees): IgnitionRead => IgnitionRead::of(Fields::of((object) ['point' => (object) ['nominal' => ($aim / 10).' deg'], 'read' => (object) ['degrees' => number_format($degrees, 9, '.', '').' deg']], 'point', 'read', 'doubt'), $crank);
        $off = $ignition($read / 10)->off;
        $plate = new IgnitionPlate(null, Rotation::from($rotation), $speed === 'half');
        // against the rotation the point comes earlier, with it later; a plate on a shaft at half speed counts twice
        $earlier = match ($plate->way($off)) {
            null => 0,
            Rotation::from($rotation) => -1,
            default => 1,
        };
        $turned = $read / 10 + $earlier * $plate->turn($off) / 1e9 * ($speed === 'half' ? 2 : 1);
        expect($ignition($turned)->off)->toEqualWithDelta(0, 10);
    });
});

it('leaves no more than half a tooth', function () {
    Property::holds(300, [Generators::choose(3, 60), Generators::choose(-1800, 1800)], function (int $teeth, int $tenths): void {
        $wheel = new CamWheelStep($teeth);
        $error = $tenths * 100_000_000;
        $best = $wheel->closestTo($error);
        expect(abs($wheel->left($error, $best)))->toBeLessThanOrEqual($wheel->crank() / 2 + 1)
            ->and(abs($wheel->left($error, $best)))->toBeLessThanOrEqual(abs($wheel->left($error, $best + ($error < 0 ? 1 : -1))) + 1);
    });
});
