<?php

namespace App\Calculations;

use Moltrek\Core\Closing\Holding;
use Moltrek\Core\Closing\Leak;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;

final class LeakDown implements Calculation
{
    public function name(): string
    {
        return 'leak-down';
    }

    public function about(): string
    {
        return 'The share of the supplied pressure that a cylinder loses.';
    }

    public function example(): string
    {
        return '{"supply": "700 kPa", "held": "630 kPa", "limit": 0.1, "service": 0.2}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'supply', 'held', 'limit', 'service');
        $supply = $in->positive('supply', Dimension::Pressure);
        $held = LeakRate::pressure($in, 'held');
        $lost = $in->placing(static fn (): float => Holding::of($supply, $held, $in->text('held'), $in->text('supply'))->lost());
        [$limit, $service] = [Share::readOrNull($in, 'limit'), Share::readOrNull($in, 'service')];
        if ($limit !== null && $service !== null && $limit > $service) {
            throw $in->placed(ContradictoryFields::crossed('limit', (string) $limit, 'service', (string) $service));
        }

        return ['lost' => $lost, 'state' => Leak::zone($lost, $limit, $service)];
    }
}
