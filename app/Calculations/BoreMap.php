<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Measuring\BoreMap as Map;
use Moltrek\Core\Measuring\BorePoint;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Measuring\BoreShape;
use Moltrek\Core\Quantity\Length;

final class BoreMap implements Calculation
{
    public function name(): string
    {
        return 'bore-map';
    }

    public function about(): string
    {
        return 'A bore read at several depths on several axes: size, out-of-round and taper, each judged; what no limit judges is asked about past half of the piston’s room.';
    }

    public function example(): string
    {
        return '{"readings": [{"depth": "12 mm", "axis": "pin", "value": "86.021 mm"}, {"depth": "12 mm", "axis": "across", "value": "86.048 mm"}, {"depth": "78 mm", "axis": "pin", "value": {"setting": "86.000 mm", "deviation": "0.009 mm"}}], "doubt": {"bore": "0.003 mm", "setting": "0.002 mm"}, "limits": {"out_of_round": {"max": "0.020 mm", "source": "engine maker"}}, "clearance": {"min": "0.025 mm", "max": "0.045 mm", "service_max": "0.080 mm"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'readings', 'doubt', 'limits', 'clearance');
        $points = array_map(static fn (Fields $item): BorePoint => new BorePoint(
            $item->length('depth'), $item->text('axis'), BoreReading::read($item, 'value'),
        ), $in->required('readings')->limited('readings', 500)->objects('readings', 'depth', 'axis', 'value'));
        $map = $in->placing(static fn (): Map => Map::of($points));
        [$bore, $setting] = $this->doubts($in);
        $limits = $in->objectOrNull('limits', 'size', 'out_of_round', 'taper');
        [$size, $outOfRound, $taper] = array_map(static fn (string $key) => $limits === null ? null : LimitDocument::read($limits, $key), ['size', 'out_of_round', 'taper']);

        return BoreShape::of($map, $bore, $setting, $size, $outOfRound, $taper, LimitDocument::read($in, 'clearance'))->toArray();
    }

    /** @return array{Length, Length} */
    private function doubts(Fields $in): array
    {
        if ($in->isText('doubt')) {
            return [$in->length('doubt'), Length::zero()];
        }
        $doubt = $in->objectOrNull('doubt', 'bore', 'setting');

        return [$doubt?->lengthOrNull('bore') ?? Length::zero(), $doubt?->lengthOrNull('setting') ?? Length::zero()];
    }
}
