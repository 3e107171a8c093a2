<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Stated;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Timing\CamEvents as Events;
use Moltrek\Core\Timing\CamTiming;
use Moltrek\Core\Timing\CamWheelStep;

final class CamEvents implements Calculation
{
    public function name(): string
    {
        return 'cam-events';
    }

    public function about(): string
    {
        return 'Duration, centreline, separation and overlap from the events of the cams, and what to correct in degrees and teeth.';
    }

    public function example(): string
    {
        return '{"inlet": {"opens": "20 deg", "closes": "56 deg"}, "exhaust": {"opens": "58 deg", "closes": "14 deg"}, "spec": {"inlet_centreline": {"nominal": "105 deg", "plus": "2 deg", "minus": "2 deg"}, "separation": {"min": "104 deg", "max": "110 deg"}}, "doubt": "1 deg", "wheel": {"teeth": 34}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'inlet', 'exhaust', 'spec', 'doubt', 'wheel');
        $spec = $in->objectOrNull('spec', 'inlet_centreline', 'exhaust_centreline', 'separation');
        $stated = static fn (string $key): ?Stated => Stated::readOrNull($spec, $key, Dimension::Angle, signed: true);
        $doubt = $in->figureOrNull('doubt', Dimension::Angle)->base ?? 0;
        $wheel = $in->objectOrNull('wheel', 'teeth');
        $cams = new CamTiming(
            Events::readOrNull($in, 'inlet'), Events::readOrNull($in, 'exhaust'),
            $stated('inlet_centreline'), $stated('exhaust_centreline'), $stated('separation'),
            $doubt, $wheel === null ? null : new CamWheelStep($wheel->whole('teeth', 3)),
        );
        $degrees = static fn (int|float|null $figure): ?array => $figure === null ? null : Dimension::Angle->quantity($figure);

        return [
            'inlet' => self::cam($cams->inlet), 'exhaust' => self::cam($cams->exhaust),
            'separation' => $degrees($cams->separation()),
            'overlap' => $degrees($cams->overlap()),
            'verdicts' => [
                'inlet_centreline' => $cams->inletVerdict()->toArray(),
                'exhaust_centreline' => $cams->exhaustVerdict()->toArray(),
                'separation' => $cams->separationVerdict()->toArray(),
            ],
            'corrections' => ['inlet' => $cams->inletCorrection()?->toArray(), 'exhaust' => $cams->exhaustCorrection()?->toArray()],
        ];
    }

    /** @return array<string, mixed>|null */
    private static function cam(?Events $cam): ?array
    {
        return $cam === null ? null : ['duration' => Dimension::Angle->quantity($cam->duration()), 'centreline' => Dimension::Angle->quantity($cam->centreline())];
    }
}
