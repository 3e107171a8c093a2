<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Measuring\BoreMap;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Lining;
use Moltrek\Core\Sheet\PistonSize;

/** What a bore that was read on this engine should have done to it, by the limits that rule; or what is still missing. */
final readonly class BoreAdvice
{
    private function __construct(public ?BoreDecision $decision, public ?string $missing)
    {
    }

    public static function on(EngineSheet $sheet, ?BoreMap $map, ?Length $piston, ?Limit $clearance): self
    {
        if ($map === null || $map->missing() !== []) {
            return new self(null, 'Read the whole bore first.');
        }
        if ($clearance?->min === null || $clearance->max === null) {
            return new self(null, 'The sheet states no clearance with both ends.');
        }
        [$smallest, $largest] = [$map->smallest()->diameter(), $map->largest()->diameter()];
        [$min, $max] = [Length::ofNanometres($clearance->min), Length::ofNanometres($clearance->max)];
        $widest = $clearance->serviceMax === null ? $max : Length::ofNanometres($clearance->serviceMax);
        $kept = BoreDecision::withPresentPiston($sheet->barrel->lining, $smallest, $largest, $min, $max, $widest, $piston);
        if ($kept !== null) {
            return new self($kept, null);
        }
        $sizes = array_map(static fn (PistonSize $size): Oversize => new Oversize($size->label, $size->piston), $sheet->piston->sizes);
        if ($sheet->barrel->lining === Lining::Plated) {
            return new self(BoreDecision::replated($largest, ...$sizes), null);
        }
        if ($sheet->barrel->wallLimit === null || $sizes === []) {
            return new self(null, 'The sheet states no wall limit or no piston sizes.');
        }

        return new self(
            BoreDecision::rebored(
                $smallest,
                $largest,
                $min,
                $max,
                $sheet->barrel->cleanup ?? Length::zero(),
                $sizes,
                $sheet->barrel->wallLimit,
            ),
            null,
        );
    }
}
