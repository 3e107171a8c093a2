<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Timing\CrankGeometry;
use Moltrek\Core\Timing\DeadCentre as Centre;
use Moltrek\Core\Timing\WheelPair;

final class DeadCentre implements Calculation
{
    private const MOST = 1_000;

    public function name(): string
    {
        return 'dead-centre';
    }

    public function about(): string
    {
        return 'Top dead centre from pairs of wheel readings at a stop or at equal drops, or how far a dwell can be believed.';
    }

    public function example(): string
    {
        return '{"pairs": [{"before": "341.5 deg", "after": "20.0 deg"}, {"before": "330.0 deg", "after": "31.6 deg"}]}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'pairs', 'dwell');
        $dwell = $in->objectOrNull('dwell', 'stroke', 'rod', 'resolution');
        if ($dwell !== null && $in->has('pairs')) {
            throw $in->placed(ContradictoryFields::excluded('dwell', $in->raw('dwell'), 'Dead centre is found in one way.', 'either pairs or dwell'));
        }
        if ($dwell !== null) {
            return ['tdc' => null, 'set_by' => null, 'spread' => null, 'pairs' => [], 'half_width' => $this->halfWidth($dwell)];
        }
        if (! $in->has('pairs')) {
            throw $in->placed(MalformedDocument::missing('pairs', 'pairs of readings, or dwell'));
        }
        $pairs = array_map(
            static fn (Fields $pair): WheelPair => $pair->placing(static fn (): WheelPair => WheelPair::of($pair->angle('before'), $pair->angle('after'))),
            $in->limited('pairs', self::MOST)->objects('pairs', 'before', 'after'),
        );
        $centre = $in->placing(static fn (): Centre => Centre::between($pairs));
        $degrees = Dimension::Angle->quantity(...);

        return [
            'tdc' => $degrees($centre->tdc), 'set_by' => $degrees($centre->setBy()), 'spread' => $degrees($centre->spread),
            'pairs' => array_map(static fn (WheelPair $pair): array => ['middle' => $degrees($pair->middle), 'half' => $degrees($pair->half)], $pairs),
            'half_width' => null,
        ];
    }

    /** @return array{value: float, unit: string} */
    private function halfWidth(Fields $dwell): array
    {
        [$stroke, $rod] = [$dwell->size('stroke'), $dwell->size('rod')];
        $crank = $dwell->placing(static fn (): CrankGeometry => CrankGeometry::of($stroke, $rod));
        $resolution = $dwell->length('resolution');
        if ($stroke->isLessThan($resolution)) {
            throw $dwell->placed(OutOfDomain::because('resolution', 'The piston does not go so far down.', $dwell->text('resolution'), 'at most '.$stroke->written()));
        }

        return ['value' => $crank->turnTo($resolution->quantity()['value']), 'unit' => 'deg'];
    }
}
