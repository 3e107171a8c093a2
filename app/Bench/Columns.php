<?php

namespace App\Bench;

use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Form;
use Moltrek\Core\Sheet\Slab;

/** The columns of a V, one a bank: what belongs to which of them. Any other engine is one column and has none of this. */
final readonly class Columns
{
    /** @var list<string> banks, the first of the sheet first */
    private array $banks;

    public function __construct(private EngineSheet $sheet)
    {
        $this->banks = $sheet->layout->form !== Form::Vee ? [] : array_values(array_unique(array_map(self::bankOf(...), $sheet->layout->cylinders)));
    }

    /** @return list<string> what each is called; empty where there is one column */
    public function names(): array
    {
        return array_map(function (string $bank): string {
            $own = array_values(array_filter($this->sheet->layout->cylinders, static fn (Cylinder $cylinder): bool => self::bankOf($cylinder) === $bank));

            return count($own) === 1 ? $own[0]->name : $bank.' bank';
        }, $this->banks);
    }

    /** The column that a slab belongs to; null for what serves them all. */
    public function of(Slab $slab): ?int
    {
        return $this->ofCylinders(...$slab->cylinders);
    }

    /** The column that a step is done on. */
    public function ofStep(Step $step): ?int
    {
        $slab = $this->sheet->stack->named($step->place->slab);

        return $step->place->cylinder === null ? ($slab === null ? null : $this->of($slab)) : $this->ofCylinders($step->place->cylinder);
    }

    /** @param  list<Step>  $steps */
    public function ofSteps(array $steps): ?int
    {
        $columns = array_unique(array_map($this->ofStep(...), $steps));

        return count($columns) === 1 ? array_values($columns)[0] : null;
    }

    private function ofCylinders(string ...$cylinders): ?int
    {
        $own = array_values(array_unique(array_map(fn (string $id): string => $this->sheet->layout->cylinder($id)->bank ?? $id, $cylinders)));
        $column = count($own) === 1 ? array_search($own[0], $this->banks, true) : false;

        return $column === false ? null : (int) $column;
    }

    private static function bankOf(Cylinder $cylinder): string
    {
        return $cylinder->bank ?? $cylinder->id;
    }
}
