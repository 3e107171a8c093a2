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

    /**
     * Before any machining the piston that is there, then every piston on offer is tried in the bore as it is, if its shape may
     * stay. Keep asks besides that the whole doubt of the clearance lies inside.
     *
     * @param  bool  $isInShape  whether out-of-round and taper lie inside service, as far as the sheet limits them
     * @param  bool  $isSure  whether the clearance is called without doubt
     */
    public static function on(EngineSheet $sheet, ?BoreMap $map, ?Length $piston, ?Limit $clearance, bool $isInShape, bool $isSure): self
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
        if ($kept?->job === BoreJob::Keep && $isInShape && ! $isSure) {
            return new self(null, 'The clearance is too close to call: settle it first.');
        }
        $sizes = array_map(static fn (PistonSize $size): Oversize => new Oversize($size->label, $size->piston), $sheet->piston->sizes);
        $asItIs = $isInShape && $kept?->job !== BoreJob::Keep
            ? BoreDecision::withNewPiston($smallest, $largest, $min, $max, $widest, $sizes) : null;
        $chosen = $isInShape || $kept?->job === BoreJob::Hone ? $asItIs ?? $kept : null;
        if ($chosen !== null) {
            return new self($chosen, null);
        }
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
                self::largestBore($sheet->barrel->wallLimit, $sheet->geometry->gasketOpening),
            ),
            null,
        );
    }

    /** The wall limits a bore, and so does the gasket: it has to clear the bore by half a millimetre. */
    private static function largestBore(Length $wallLimit, ?Length $opening): Length
    {
        $clear = $opening?->minus(Length::of('0.5 mm'));

        return $clear?->isLessThan($wallLimit) === true ? $clear : $wallLimit;
    }
}
