<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Timing\CrankGeometry;
use Moltrek\Core\Timing\PistonHeights as Heights;

final class PistonHeights implements Calculation
{
    public function name(): string
    {
        return 'piston-heights';
    }

    public function about(): string
    {
        return 'How far each piston stands below top dead centre, and the turns in which a barrel can be lowered.';
    }

    public function example(): string
    {
        return '{"stroke": "44.2 mm", "rod": "92 mm", "phases": {"1": "0 deg", "2": "180 deg", "3": "180 deg", "4": "0 deg"}, "crank": "30 deg"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'stroke', 'rod', 'phases', 'crank');
        $stroke = $in->size('stroke');
        $rod = $in->size('rod');
        $geometry = $in->placing(static fn (): CrankGeometry => CrankGeometry::of($stroke, $rod));
        $named = $in->required('phases', 'the phase of each cylinder')->named('phases');
        $phases = [];
        foreach ($named->keys() as $cylinder) {
            $phases[$cylinder] = $named->angle($cylinder);
        }
        $crank = $in->angle('crank');
        $heights = new Heights($geometry, $phases);
        $millimetres = static fn (float $below): array => ['value' => $below, 'unit' => 'mm'];

        return [
            'below_tdc' => (object) array_map($millimetres, $heights->below($crank)),
            'lowering' => array_map(static fn (array $top): array => [
                'crank' => Dimension::Angle->quantity($top['crank']), 'cylinders' => $top['cylinders'],
                'why' => count($top['cylinders']) === 1 ? 'This piston stands highest here, its rings go in first.' : 'These pistons stand highest together, their rings go in first.',
            ], $heights->lowering($crank)),
        ];
    }
}
