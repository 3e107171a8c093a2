<?php

use Eris\Generators;
use Moltrek\Core\Chamber\Compression;
use Moltrek\Core\Chamber\GasketRoom;
use Moltrek\Core\Chamber\Port;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Tests\Property;
use Moltrek\Core\Timing\CrankGeometry;

it('turns a way into an angle and back', function () {
    Property::holds(300, [Generators::choose(40, 90), Generators::choose(60, 240), Generators::choose(0, 1000)], function (int $stroke, int $longer, int $share): void {
        $crank = new CrankGeometry($stroke / 2, $stroke / 2 + $longer);
        $way = $stroke * $share / 1000;
        expect($crank->belowTopDeadCentre($crank->turnTo($way)))->toEqualWithDelta($way, 1e-9);
    });
});

it('moves as fast as its way grows', function () {
    Property::holds(100, [Generators::choose(1, 179)], function (int $crank): void {
        $geometry = new CrankGeometry(36, 132);
        $slope = ($geometry->belowTopDeadCentre($crank + 0.001) - $geometry->belowTopDeadCentre($crank - 0.001)) / deg2rad(0.002);
        expect($geometry->perRadian($crank))->toEqualWithDelta($slope, 1e-6);
    });
});

it('opens every port earlier and for longer with more below the barrel', function () {
    Property::holds(200, [Generators::choose(10, 60), Generators::choose(1, 9)], function (int $top, int $tenths): void {
        $crank = new CrankGeometry(36, 132);
        $stroke = Length::of('72 mm');
        [$before, $after] = [Port::at($top, 0.0, $stroke, $crank), Port::at($top, $tenths / 10, $stroke, $crank)];
        expect($after->opens)->toBeLessThan($before->opens)->and($after->duration())->toBeGreaterThan($before->duration())->and($after->top)->toBe($before->top);
    });
});

it('presses less with more thickness, above or below the barrel, whatever unit it is typed in', function () {
    Property::holds(200, [Generators::choose(50, 200), Generators::choose(-50, 100), Generators::choose(1, 100)], function (int $gasket, int $deck, int $more): void {
        $ratio = fn (string $thickness, string $depth): float => Compression::of(
            Length::of('72.5 mm'), Length::of('72 mm'), 1, 24.0, new GasketRoom(Length::of('74 mm'), Length::of($thickness)), Length::of($depth), 2.0,
        )->ratio();
        $hundredths = fn (int $count): string => number_format($count / 100, 2, '.', '').' mm';
        $as = $ratio($hundredths($gasket), $hundredths($deck));
        expect($ratio($hundredths($gasket + $more), $hundredths($deck)))->toBeLessThan($as)
            ->and($ratio($hundredths($gasket), $hundredths($deck + $more)))->toBeLessThan($as)
            ->and($ratio(($gasket * 10).' µm', $hundredths($deck)))->toBe($as);
    });
});

it('finds the chamber and the gasket that give a ratio', function () {
    Property::holds(200, [Generators::choose(80, 200), Generators::choose(20, 60)], function (int $tenths, int $chamber): void {
        $of = fn (float $chamber, Length $thickness): Compression => Compression::of(
            Length::of('66 mm'), Length::of('50 mm'), 1, $chamber, new GasketRoom(Length::of('67 mm'), $thickness), null, 0.0,
        );
        $needed = $of($chamber, Length::of('1 mm'))->needed($tenths / 10);
        if ($needed->chamber > 0) {
            expect($of($needed->chamber, Length::of('1 mm'))->ratio())->toEqualWithDelta($tenths / 10, 1e-9);
        }
        if ($needed->thickness !== null) {
            expect($of($chamber, $needed->thickness)->ratio())->toEqualWithDelta($tenths / 10, 1e-9);
        }
        expect($needed->clearance)->toBeGreaterThan(0.0);
    });
});
