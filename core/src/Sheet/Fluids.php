<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;

/** Everything that an engine is filled with, each once. */
final readonly class Fluids
{
    /** @param  list<Fluid>  $all */
    private function __construct(public array $all)
    {
    }

    public static function read(Fields $sheet, Cooling $cooling): self
    {
        $all = array_map(Fluid::read(...), $sheet->objects('fluids', ...Fluid::KEYS));
        foreach ($all as $index => $fluid) {
            if ((new self(array_slice($all, 0, $index)))->of($fluid->kind) !== null) {
                throw $sheet->placed(ContradictoryFields::excluded('', $fluid->kind->value, 'A fluid stands twice.', 'each once'),
                    "fluids.$index.fluid");
            }
            if ($fluid->kind === FluidKind::Coolant && $cooling === Cooling::Air) {
                throw $sheet->placed(ContradictoryFields::excluded('', $fluid->kind->value, 'This engine is cooled by air.', 'oil'),
                    "fluids.$index.fluid");
            }
        }

        return new self($all);
    }

    public function of(FluidKind $kind): ?Fluid
    {
        return array_values(array_filter($this->all, static fn (Fluid $fluid): bool => $fluid->kind === $kind))[0] ?? null;
    }
}
