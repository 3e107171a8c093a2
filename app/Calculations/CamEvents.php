<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Timing\CamCorrection;
use Moltrek\Core\Timing\CamEvents as Events;
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
        [$inlet, $exhaust] = [Events::readOrNull($in, 'inlet'), Events::readOrNull($in, 'exhaust')];
        $spec = $in->objectOrNull('spec', 'inlet_centreline', 'exhaust_centreline', 'separation');
        $limit = static fn (string $key): ?Limit => $spec === null ? null : LimitDocument::read($spec, $key, Dimension::Angle, signed: true);
        [$ofInlet, $ofExhaust, $ofSeparation] = [$limit('inlet_centreline'), $limit('exhaust_centreline'), $limit('separation')];
        $doubt = $in->figureOrNull('doubt', Dimension::Angle)->base ?? 0;
        $wheel = $in->objectOrNull('wheel', 'teeth');
        $wheel = $wheel === null ? null : new CamWheelStep($wheel->whole('teeth', 3));
        $separation = $inlet === null || $exhaust === null ? null : ($inlet->centreline() + $exhaust->centreline()) / 2;
        $degrees = static fn (int|float|null $figure): ?array => $figure === null ? null : Dimension::Angle->quantity($figure);

        return [
            'inlet' => self::cam($inlet), 'exhaust' => self::cam($exhaust),
            'separation' => $degrees($separation),
            'overlap' => $inlet === null || $exhaust === null ? null : $degrees($inlet->opens + $exhaust->closes),
            'verdicts' => [
                'inlet_centreline' => self::verdict('the inlet centreline', $ofInlet, $inlet?->centreline(), $doubt / M_SQRT2),
                'exhaust_centreline' => self::verdict('the exhaust centreline', $ofExhaust, $exhaust?->centreline(), $doubt / M_SQRT2),
                'separation' => self::verdict('the separation', $ofSeparation, $separation, $doubt / 2),
            ],
            'corrections' => [
                'inlet' => $inlet === null ? null : CamCorrection::towards($spec, 'inlet_centreline', $ofInlet, $inlet->centreline(), $wheel)?->toArray(advancesLarger: true),
                'exhaust' => $exhaust === null ? null : CamCorrection::towards($spec, 'exhaust_centreline', $ofExhaust, $exhaust->centreline(), $wheel)?->toArray(advancesLarger: false),
            ],
        ];
    }

    /** @return array<string, mixed>|null */
    private static function cam(?Events $cam): ?array
    {
        return $cam === null ? null : ['duration' => Dimension::Angle->quantity($cam->duration()), 'centreline' => Dimension::Angle->quantity($cam->centreline())];
    }

    /** @return array<string, mixed> */
    private static function verdict(string $what, ?Limit $limit, int|float|null $figure, int|float $doubt): array
    {
        $wording = new Wording($what, 'too small', 'too large', 'Read the events again, then move the cam on its wheel.', 'Read the events again, then move the cam on its wheel.',
            'Read the events again, come up to from the same side.');

        return ($figure === null ? Verdict::unread($what) : Verdict::of($limit, $wording, Interval::around($figure, $doubt)))->toArray();
    }
}
