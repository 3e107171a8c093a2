<?php

namespace App\Calculations;

use Moltrek\Core\Chamber\Deck as CrownDeck;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Measuring\StackReading;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;

final class Deck implements Calculation
{
    public function name(): string
    {
        return 'deck';
    }

    public function about(): string
    {
        return 'How far a crown stands below the barrel’s face, or above it, from several points, each judged.';
    }

    public function example(): string
    {
        return '{"readings": [{"at": "pin left", "value": "0.31 mm"}, {"at": "pin right", "value": {"passes": "0.30 mm", "refuses": "0.35 mm"}}, {"at": "front", "value": {"lifts": true}}], "doubt": "0.02 mm", "limit": {"min": "0.20 mm", "max": "0.50 mm", "source": "engine maker"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'readings', 'doubt', 'limit');
        $points = CrownInput::points($in, StackReading::ROCKS);
        $doubt = $in->lengthOrNull('doubt') ?? Length::zero();

        return CrownDeck::of($points, $doubt, LimitDocument::read($in, 'limit', Dimension::Length, signed: true))->toArray();
    }
}
