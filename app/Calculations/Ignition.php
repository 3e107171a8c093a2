<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Sheet\Rotation;
use Moltrek\Core\Timing\DialledCrank;
use Moltrek\Core\Timing\IgnitionPlate;
use Moltrek\Core\Timing\IgnitionRead;

final class Ignition implements Calculation
{
    public function name(): string
    {
        return 'ignition';
    }

    public function about(): string
    {
        return 'An ignition point that was read against the stated one, in degrees and as a way, and how far to turn the plate.';
    }

    public function example(): string
    {
        return '{"stroke": "58.4 mm", "rod": "112 mm", "point": {"nominal": "1.80 mm", "plus": "0.10 mm", "minus": "0.10 mm", "source": "engine maker"}, "read": {"dial": "1.45 mm"}, "doubt": "0.02 mm", "plate": {"radius": "45 mm", "rotation": "clockwise"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, ...DialledCrank::KEYS, ...['point', 'read', 'doubt', 'plate']);
        $crank = DialledCrank::read($in);
        $ignition = IgnitionRead::of($in, $crank);
        $plate = self::plate($in);
        $limit = $ignition->point->stated->limit;

        return [
            'read' => $ignition->read->toArray(),
            'point' => [
                'low' => IgnitionRead::placed($crank, $ignition->point, $limit->min)?->withoutDial(),
                'aim' => $ignition->aim?->withoutDial(),
                'high' => IgnitionRead::placed($crank, $ignition->point, $limit->max)?->withoutDial(),
            ],
            'off' => $ignition->off === null ? null : Dimension::Angle->quantity($ignition->off),
            'verdict' => $ignition->verdict->toArray(),
            'plate' => $plate === null || $ignition->off === null ? null : [
                'turn' => Dimension::Angle->quantity($plate->turn($ignition->off)),
                'rim' => $plate->rim($ignition->off)?->quantity(),
                'way' => $plate->way($ignition->off)?->value,
            ],
        ];
    }

    private static function plate(Fields $in): ?IgnitionPlate
    {
        $plate = $in->objectOrNull('plate', 'radius', 'rotation', 'speed');

        return $plate === null ? null : new IgnitionPlate(
            $plate->sizeOrNull('radius'), $plate->choice('rotation', Rotation::class), $plate->has('speed') && $plate->word('speed', 'crank', 'half') === 'half',
        );
    }
}
