<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\Adjustment;

/** The valve bench of a job. */
final readonly class ValvesShape
{
    /**
     * @param  float|null  $margin  degrees, kept from where a valve opens and closes
     * @param  list<ValvePositionShape>|null  $positions  null where the sheet does not state the events
     * @param  list<string>  $roomless
     * @param  list<ValveShape>  $valves
     * @param  list<RodsShape>  $rods
     * @param  list<string>  $rockerStack  parts from the drive side
     * @param  list<string>  $tube  parts from below
     */
    public function __construct(
        public ?Adjustment $adjustment,
        public ?float $margin,
        public ?array $positions,
        public array $roomless,
        public array $valves,
        public ?ShimsShape $shims,
        public array $rods,
        public ?DecompressorShape $decompressor,
        public array $rockerStack,
        public array $tube,
        public ?string $turnedBy,
        public ?string $runs,
    ) {
    }
}
