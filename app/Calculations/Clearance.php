<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\Clearance as Fit;
use Moltrek\Core\Fitting\ClearanceDoubt;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Quantity\Length;

final class Clearance implements Calculation
{
    public function name(): string
    {
        return 'clearance';
    }

    public function about(): string
    {
        return 'Any hole and what goes into it, to a clearance with its doubt and verdict; limits may be negative.';
    }

    public function example(): string
    {
        return '{"hole": {"readings": ["16.008 mm", "16.011 mm"]}, "shaft": "15.996 mm", "doubt": {"hole": "0.002 mm", "shaft": "0.001 mm"}, "limit": {"min": "0.006 mm", "max": "0.018 mm", "source": "engine maker"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'hole', 'shaft', 'doubt', 'limit');
        $hole = BoreReading::readAll($in, 'hole');
        $shaft = $in->size('shaft');
        $doubt = $in->objectOrNull('doubt', 'hole', 'setting', 'shaft');
        [$ofHole, $ofSetting, $ofShaft] = array_map(static fn (string $part): Length => $doubt?->lengthOrNull($part) ?? Length::zero(), ['hole', 'setting', 'shaft']);

        return Fit::of($hole, $shaft, new ClearanceDoubt($ofHole, $ofSetting, $ofShaft, Length::zero()), LimitDocument::read($in, 'limit', signed: true))->toArray('hole');
    }
}
