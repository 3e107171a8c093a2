<?php

namespace App\Bench;

use App\Http\Shapes\BoreAdviceShape;
use App\Http\Shapes\ConsideredShape;
use App\Http\Shapes\GapAngleShape;
use App\Http\Shapes\GapPlaceShape;
use App\Http\Shapes\HoningShape;
use App\Http\Shapes\KeepOffShape;
use App\Http\Shapes\PairCellShape;
use App\Http\Shapes\PairingShape;
use Moltrek\Core\Fitting\GapSchool;
use Moltrek\Core\Fitting\Pairing;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\KeptOff;
use Moltrek\Core\Sheet\Ring;
use Moltrek\Core\Sheet\RingKind;

/** What is decided of bores, pistons and rings, as the screens take it. */
final readonly class BarrelView
{
    public function __construct(private BuildState $state)
    {
    }

    /** @return list<BoreAdviceShape> */
    public function advice(): array
    {
        return array_map($this->adviceOn(...), $this->state->sheet->layout->cylinders);
    }

    private function adviceOn(Cylinder $cylinder): BoreAdviceShape
    {
        $advice = $this->state->verdicts->boreAdvice($cylinder);
        $decision = $advice->decision;
        $decided = $this->state->decisions->onBore($cylinder->id);

        return new BoreAdviceShape(
            cylinder: $cylinder->id,
            name: $cylinder->name,
            missing: $advice->missing,
            decision: $decision?->job,
            size: $decision?->size?->label,
            piston: self::mm($decision?->size?->piston),
            finishMin: self::mm($decision->finish['min'] ?? null),
            finishAim: self::mm($decision->finish['aim'] ?? null),
            finishMax: self::mm($decision->finish['max'] ?? null),
            remove: self::mm($decision?->remove),
            honeBudgetLeft: self::mm($this->budgetLeft($cylinder)),
            considered: array_map(static fn (array $item): ConsideredShape => new ConsideredShape($item['size']->label, $item['fits'], $item['why']), $decision->considered ?? []),
            reasons: $decision->reasons ?? [],
            decided: $decided?->inShort(),
            decidedBy: $this->state->decisions->deciderOf($cylinder->id),
            goesOut: $this->goesOut($cylinder),
            away: $this->state->parts->awayOf($cylinder->id)?->part,
            promised: $this->state->parts->awayOf($cylinder->id)?->promised?->text,
        );
    }

    private function goesOut(Cylinder $cylinder): bool
    {
        $step = $this->state->work->step('send.bore.'.$cylinder->id);

        return $step !== null && ! $this->state->work->isDone($step);
    }

    /** How much of the sheet's hone budget this bore has left: what it was first read at to what it is now. */
    private function budgetLeft(Cylinder $cylinder): ?Length
    {
        $budget = $this->state->sheet->barrel->honeBudget;
        $map = $this->state->verdicts->boreMap($cylinder);
        if ($budget === null || $map === null) {
            return null;
        }

        $first = $this->state->readings->firstSmallest('bore.'.$cylinder->id) ?? $map->smallest()->diameter();

        return $budget->minus(Length::largest(Length::zero(), $map->smallest()->diameter()->minus($first)));
    }

    public function honing(): HoningShape
    {
        $barrel = $this->state->sheet->barrel;
        $taper = $this->state->verdicts->limitOf('taper.'.$this->state->sheet->layout->cylinders[0]->id);
        $most = $taper->max ?? $taper?->serviceMax;

        return new HoningShape($barrel->lining, $barrel->honeWith, self::mm($barrel->honeBudget), $most === null ? null : self::mm(Length::ofNanometres($most)));
    }

    public function pairing(): ?PairingShape
    {
        $cylinders = $this->state->sheet->layout->cylinders;
        $bores = $pistons = [];
        foreach ($cylinders as $cylinder) {
            $map = $this->state->verdicts->boreMap($cylinder);
            $piston = $this->state->readings->at('piston.'.$cylinder->id)?->size();
            if ($map === null || $map->missing() !== [] || $piston === null) {
                return null;
            }
            $bores[$cylinder->id] = $map->smallest()->diameter();
            $pistons[$cylinder->id] = $piston;
        }
        $limit = $this->state->verdicts->limitOf('piston_clearance.'.$cylinders[0]->id);
        if (count($cylinders) < 2 || $limit?->min === null || $limit->max === null) {
            return null;
        }
        [$min, $max] = [Length::ofNanometres($limit->min), Length::ofNanometres($limit->max)];
        $cell = fn (string $bore, string $piston): PairCellShape => $this->cell($bore, $piston, $bores[$bore], $pistons[$piston], $min, $max);
        $cells = [];
        foreach (array_map(strval(...), array_keys($bores)) as $bore) {
            foreach (array_map(strval(...), array_keys($pistons)) as $piston) {
                $cells[] = $cell($bore, $piston);
            }
        }
        $best = array_map(static fn (array $pair): PairCellShape => $cell($pair['bore'], $pair['piston']), Pairing::best($bores, $pistons, $min, $max)->pairs);
        $kept = [];
        foreach ($this->state->decisions->pairs() as $bore => $piston) {
            if (isset($bores[$bore]) && isset($pistons[$piston])) {
                $kept[] = $cell((string) $bore, $piston);
            }
        }

        return new PairingShape(
            min: self::mm($min),
            max: self::mm($max),
            cells: $cells,
            best: $best,
            chosen: $kept,
        );
    }

    private function cell(string $bore, string $piston, Length $boreSize, Length $pistonSize, Length $min, Length $max): PairCellShape
    {
        $clearance = $boreSize->minus($pistonSize);

        return new PairCellShape(
            bore: $bore,
            piston: $piston,
            boreSize: self::mm($boreSize),
            pistonSize: self::mm($pistonSize),
            clearance: self::mm($clearance),
            margin: self::mm(Pairing::margin($clearance, $min, $max)),
            grade: $this->grade('piston', $pistonSize),
        );
    }

    private function grade(string $of, Length $size): ?string
    {
        foreach ($this->state->sheet->limits->grades as $grade) {
            if ($grade->of === $of && $grade->holds($size)) {
                return $grade->mark;
            }
        }

        return null;
    }

    /** @return list<GapPlaceShape> */
    public function gaps(): array
    {
        return array_map($this->gapsOf(...), $this->state->sheet->layout->cylinders);
    }

    private function gapsOf(Cylinder $cylinder): GapPlaceShape
    {
        $places = GapSchool::placesOf($this->state->sheet->piston->rings);
        $rings = array_values(array_filter($this->state->sheet->piston->rings, static fn (Ring $ring): bool => isset($places[$ring->id])));
        $placed = $this->state->decisions->gapsOf($cylinder->id);
        $school = $placed->school ?? self::usualSchool($rings, $cylinder);
        $known = $school->angles() ?? [];
        $degrees = static fn (int|float $angle): float => Dimension::Angle->canonicalValue($angle);

        return new GapPlaceShape(
            cylinder: $cylinder->id,
            name: $cylinder->name,
            school: $school,
            isPlaced: $placed !== null,
            angles: array_map(static fn (Ring $ring): GapAngleShape => new GapAngleShape($places[$ring->id], $ring->name, match (true) {
                isset($placed->angles[$places[$ring->id]]) => $degrees($placed->angles[$places[$ring->id]]),
                $ring->gapIn($cylinder) !== null => $degrees($ring->gapIn($cylinder)),
                default => (float) ($known[$places[$ring->id]] ?? 0),
            }), $rings),
            keepOff: array_map(static fn (KeptOff $arc): KeepOffShape => new KeepOffShape($degrees($arc->from), $degrees($arc->to), $arc->why), $this->state->sheet->piston->keepOff),
        );
    }

    /** @param  list<Ring>  $rings */
    private static function usualSchool(array $rings, Cylinder $cylinder): GapSchool
    {
        $pegged = array_filter($rings, static fn (Ring $ring): bool => $ring->gapIn($cylinder) !== null) !== [];
        $expander = array_filter($rings, static fn (Ring $ring): bool => $ring->kind === RingKind::Expander) !== [];

        return $pegged ? GapSchool::Pegs : ($expander ? GapSchool::Quarters : GapSchool::Opposed);
    }

    /** @phpstan-return ($length is null ? null : float) */
    private static function mm(?Length $length): ?float
    {
        return $length?->quantity()['value'];
    }
}
