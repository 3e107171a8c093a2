<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\BoreDecision;
use Moltrek\Core\Fitting\Oversize as Size;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\Lining;

final class Oversize implements Calculation
{
    public function name(): string
    {
        return 'oversize';
    }

    public function about(): string
    {
        return 'What to do with a bore: keep, hone, rebore to which size, replate or replace.';
    }

    public function example(): string
    {
        return '{"lining": "iron", "bore": {"smallest": "86.009 mm", "largest": "86.048 mm"}, "clearance": {"min": "0.045 mm", "max": "0.065 mm"}, "service_max": "0.090 mm", "piston_now": "85.950 mm", "cleanup": "0.020 mm", "sizes": [{"label": "+0.50", "piston": "86.455 mm"}, {"label": "+0.25", "piston": "86.205 mm"}], "wall_limit": "87.050 mm"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'lining', 'bore', 'clearance', 'service_max', 'piston_now', 'cleanup', 'sizes', 'wall_limit');
        $lining = $in->choice('lining', Lining::class);
        $bore = $in->object('bore', 'smallest', 'largest');
        [$smallest, $largest] = [$bore->size('smallest'), $bore->size('largest')];
        self::inOrder($bore, 'smallest', $smallest, 'largest', $largest);
        $clearance = $in->object('clearance', 'min', 'max');
        [$min, $max] = [$clearance->length('min'), $clearance->length('max')];
        self::inOrder($clearance, 'min', $min, 'max', $max);
        $service = $in->lengthOrNull('service_max');
        if ($service !== null && $service->isLessThan($max)) {
            throw $in->placed(ContradictoryFields::excluded('service_max', $in->raw('service_max'), 'The service limit lies inside the clearance.', 'at least '.$max->written()));
        }
        $piston = $in->sizeOrNull('piston_now');
        $cleanup = $in->lengthOrNull('cleanup');
        $sizes = array_map(static fn (Fields $size): Size => new Size($size->text('label', 60), $size->size('piston')), $in->objects('sizes', 'label', 'piston'));
        $wallLimit = $in->sizeOrNull('wall_limit');

        $decision = BoreDecision::withPresentPiston($lining, $smallest, $largest, $min, $max, $service ?? $max, $piston);
        if ($decision === null && $lining === Lining::Plated) {
            $decision = BoreDecision::replated($largest, ...$sizes);
        }

        return ($decision ?? BoreDecision::rebored($smallest, $largest, $min, $max,
            $cleanup ?? $in->length('cleanup'),
            $in->required('sizes')->has('sizes') ? $sizes : [],
            $wallLimit ?? $in->size('wall_limit'),
        ))->toArray();
    }

    private static function inOrder(Fields $in, string $lower, Length $low, string $upper, Length $high): void
    {
        if ($high->isLessThan($low)) {
            throw $in->placed(ContradictoryFields::crossed($lower, $low->written(), $upper, $high->written()));
        }
    }
}
