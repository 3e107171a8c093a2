<?php

namespace App\Calculations;

use Moltrek\Core\Closing\Leak;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\OutOfDomain;

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
        if ($held > $supply) {
            throw $in->placed(OutOfDomain::because('held', 'No more is held than is supplied.', $in->text('held'), 'at most '.$in->text('supply')));
        }
        [$limit, $service] = [Share::readOrNull($in, 'limit'), Share::readOrNull($in, 'service')];
        if ($limit !== null && $service !== null && $limit > $service) {
            throw $in->placed(ContradictoryFields::crossed('limit', (string) $limit, 'service', (string) $service));
        }
        $lost = ($supply - $held) / $supply;

        return ['lost' => $lost, 'state' => Leak::zone($lost, $limit, $service)];
    }
}
