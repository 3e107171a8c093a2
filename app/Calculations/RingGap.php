<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\RingGap as Gap;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\Leaf;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\GapRule;

final class RingGap implements Calculation
{
    public function name(): string
    {
        return 'ring-gap';
    }

    public function about(): string
    {
        return 'Feeler leaves to a ring end gap, its verdict, what to file and which leaf to try.';
    }

    public function example(): string
    {
        return '{"passes": "0.20 mm", "refuses": "0.25 mm", "bore": "55.0 mm", "rule": {"min": "0.10 mm", "max": "0.18 mm", "per": "1 in"}, "leaves": ["0.20 mm", "0.22 mm", "0.25 mm"]}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'passes', 'drags', 'refuses', 'bore', 'limit', 'rule', 'leaves');
        [$passes, $drags, $refuses] = array_map($in->sizeOrNull(...), FeelerBracket::KEYS);
        $in->placing(static fn (): FeelerBracket => FeelerBracket::of($passes, $drags, $refuses));
        $limit = $this->limit($in, $in->sizeOrNull('bore'));
        $leaves = Leaf::readAll($in, 'leaves');
        $bracket = FeelerBracket::of($passes, $drags, $refuses, array_map(static fn (Leaf $leaf): Length => $leaf->thickness, $leaves));

        return Gap::of($bracket, $limit, $leaves)->toArray();
    }

    private function limit(Fields $in, ?Length $bore): ?Limit
    {
        if ($in->has('rule') && ! $in->has('limit') && $bore === null) {
            throw $in->placed(MalformedDocument::missing('bore', 'the bore that the rule is counted on, such as 55.0 mm'));
        }
        $limit = LimitDocument::read($in, 'limit');
        $rule = GapRule::read($in, 'rule');
        if ($limit !== null && $rule !== null) {
            throw $in->placed(ContradictoryFields::excluded('rule', $in->raw('rule'), 'A rule and a limit cannot both rule.', 'either limit or rule'));
        }

        return $bore === null ? $limit : ($rule?->limitFor($bore) ?? $limit);
    }
}
