<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\FluidKind;

/** A fluid that goes in. */
final readonly class FillShape
{
    public function __construct(
        public FluidKind $fluid,
        public ?string $capacity,
        public ?string $grade,
        public ?string $filled,
        public ?string $by,
        public ?TimingStepShape $step,
    ) {
    }
}
