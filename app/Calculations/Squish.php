<?php

namespace App\Calculations;

use Moltrek\Core\Chamber\Squish as CrownSquish;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Measuring\StackReading;
use Moltrek\Core\Quantity\Length;

final class Squish implements Calculation
{
    public function name(): string
    {
        return 'squish';
    }

    public function about(): string
    {
        return 'The room between crown and head from wire or clay: the thinnest point judged, mean and spread of points read outright.';
    }

    public function example(): string
    {
        return '{"readings": [{"at": "front", "value": "1.24 mm"}, {"at": "rear", "value": "1.18 mm"}, {"at": "pin left", "value": {"uncrushed": "1.50 mm"}}], "doubt": "0.02 mm", "limit": {"min": "1.00 mm", "max": "1.40 mm", "source": "engine maker"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'readings', 'doubt', 'limit');
        $points = CrownInput::points($in, StackReading::UNCRUSHED);
        $doubt = $in->lengthOrNull('doubt') ?? Length::zero();

        return CrownSquish::of($points, $doubt, LimitDocument::read($in, 'limit'))->toArray();
    }
}
