<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\Clearance;
use Moltrek\Core\Fitting\ClearanceDoubt;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Measuring\Wordings;
use Moltrek\Core\Quantity\Length;

final class PistonClearance implements Calculation
{
    public function name(): string
    {
        return 'piston-clearance';
    }

    public function about(): string
    {
        return 'Bore and piston readings to a clearance with its doubt and verdict.';
    }

    public function example(): string
    {
        return '{"bore": {"setting": "2.1660 in", "deviation": "-0.0002 in"}, "piston": "54.955 mm", "doubt": {"bore": "0.003 mm", "setting": "0.002 mm", "piston": "0.002 mm"}, "limit": {"min": "0.050 mm", "max": "0.065 mm", "source": "piston maker", "service_max": "0.100 mm", "service_source": "engine maker"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'bore', 'piston', 'doubt', 'limit');
        $bore = BoreReading::readAll($in, 'bore');
        $piston = $in->size('piston');
        $doubt = $in->objectOrNull('doubt', 'bore', 'setting', 'piston', 'shared');
        $part = static fn (string $name): Length => $doubt?->lengthOrNull($name) ?? Length::zero();
        $doubts = new ClearanceDoubt($part('bore'), $part('setting'), $part('piston'), $part('shared'));
        $throughSetting = array_filter($bore, static fn (BoreReading $reading): bool => $reading->isDeviation()) !== [];
        $in->placing(static fn (): Length => $doubts->combined($throughSetting), 'doubt');

        return Clearance::of($bore, $piston, $doubts, LimitDocument::read($in, 'limit'), Wordings::pistonClearance())->toArray();
    }
}
