<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\GapTaper;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Quantity\Dimension;

final class TaperFromGaps implements Calculation
{
    public function name(): string
    {
        return 'taper-from-gaps';
    }

    public function about(): string
    {
        return 'Taper of a bore from one ring’s end gap at two depths.';
    }

    public function example(): string
    {
        return '{"upper": {"passes": "0.35 mm", "refuses": "0.40 mm"}, "lower": {"passes": "0.25 mm", "refuses": "0.30 mm"}, "limit": {"max": "0.05 mm", "source": "engine maker"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'upper', 'lower', 'limit');
        $upper = FeelerBracket::read($in->object('upper', 'passes', 'refuses'));
        $lower = FeelerBracket::read($in->object('lower', 'passes', 'refuses'));
        $limit = LimitDocument::read($in, 'limit');
        $taper = GapTaper::of($upper, $lower);
        $quantity = static fn (?float $nanometres): ?array => $nanometres === null ? null : Dimension::Length->quantity($nanometres);

        return [
            'difference' => ['low' => $quantity($taper->low), 'high' => $quantity($taper->high)],
            'verdict' => $taper->verdict($limit)->toArray(),
        ];
    }
}
