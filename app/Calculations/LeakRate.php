<?php

namespace App\Calculations;

use Moltrek\Core\Closing\Fall;
use Moltrek\Core\Closing\Leak;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\OutOfDomain;

final class LeakRate implements Calculation
{
    public function name(): string
    {
        return 'leak-rate';
    }

    public function about(): string
    {
        return 'How fast a pressure falls in a leak test, against what is allowed.';
    }

    public function example(): string
    {
        return '{"start": "50 kPa", "end": "47 kPa", "time": "6 min", "limit": {"drop": "7 kPa", "time": "6 min"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'start', 'end', 'time', 'limit');
        [$start, $end] = [self::pressure($in, 'start'), self::pressure($in, 'end')];
        if ($end > $start) {
            throw $in->placed(OutOfDomain::because('end', 'A pressure does not rise by leaking.', $in->text('end'), 'at most '.$in->text('start')));
        }
        $fall = new Fall($start - $end, $in->positive('time', Dimension::Time));
        $limit = $in->objectOrNull('limit', 'drop', 'time');
        $allowed = $limit === null ? null : (new Fall(self::pressure($limit, 'drop'), $limit->positive('time', Dimension::Time)))->perMinute();
        $kPa = Dimension::Pressure->quantity(...);

        return [
            'drop' => $kPa($fall->drop), 'per_minute' => $kPa($fall->perMinute()), 'state' => Leak::zone($fall->perMinute(), $allowed, null),
            'allowed_per_minute' => $allowed === null ? null : $kPa($allowed),
        ];
    }

    public static function pressure(Fields $in, string $key): float
    {
        $pressure = (float) $in->quantity($key, Dimension::Pressure)->base();

        return $pressure >= 0 ? $pressure : throw $in->placed(OutOfDomain::negative($in->text($key)), $key);
    }
}
