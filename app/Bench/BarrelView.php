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
            $cylinder->id, $cylinder->name, $advice->missing, $decision?->job, $decision?->size?->label, self::mm($decision?->size?->piston),
            self::mm($decision->finish['min'] ?? null), self::mm($decision->finish['aim'] ?? null), self::mm($decision->finish['max'] ?? null), self::mm($decision?->remove),
            self::mm($this->budgetLeft($cylinder)),
            array_map(static fn (array $item): ConsideredShape => new ConsideredShape($item['size']->label, $item['fits'], $item['why']), $decision->considered ?? []),
            $decision->reasons ?? [],
            $decided?->inShort(), $this->state->decisions->deciderOf($cylinder->id),
            $this->goesOut($cylinder), $this->state->parts->awayOf($cylinder->id)?->part, $this->state->parts->awayOf($cylinder->id)?->promised?->text,
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

        return new PairingShape(self::mm($min), self::mm($max), $cells, $best, $kept);
    }

    private function cell(string $bore, string $piston, Length $boreSize, Length $pistonSize, Length $min, Length $max): PairCellShape
    {
        $clearance = $boreSize->minus($pistonSize);

        return new PairCellShape($bore, $piston, self::mm($boreSize), self::mm($pistonSize), self::mm($clearance),
            self::mm(Pairing::margin($clearance, $min, $max)), $this->grade('piston', $pistonSize));
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
            $cylinder->id, $cylinder->name, $school, $placed !== null,
            array_map(static fn (Ring $ring): GapAngleShape => new GapAngleShape($places[$ring->id], $ring->name, match (true) {
                isset($placed->angles[$places[$ring->id]]) => $degrees($placed->angles[$places[$ring->id]]),
                $ring->gapIn($cylinder) !== null => $degrees($ring->gapIn($cylinder)),
                default => (float) ($known[$places[$ring->id]] ?? 0),
            }), $rings),
            array_map(static fn (KeptOff $arc): KeepOffShape => new KeepOffShape($degrees($arc->from), $degrees($arc->to), $arc->why), $this->state->sheet->piston->keepOff),
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
