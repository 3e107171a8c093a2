<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The valve bench of a job. */
#[OA\Schema(schema: 'Valves')]
final readonly class ValvesShape
{
    /**
     * @param  list<ValvePositionShape>|null  $positions
     * @param  list<string>  $roomless
     * @param  list<ValveShape>  $valves
     * @param  list<RodsShape>  $rods
     * @param  list<string>  $rockerStack
     * @param  list<string>  $tube
     */
    public function __construct(
        #[OA\Property]
        public ?string $adjustment,
        #[OA\Property(description: 'degrees, kept from where a valve opens and closes')]
        public ?float $margin,
        #[OA\Property(description: 'null where the sheet does not state the events', items: new OA\Items(ref: ValvePositionShape::class))]
        public ?array $positions,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $roomless,
        #[OA\Property(items: new OA\Items(ref: ValveShape::class))]
        public array $valves,
        #[OA\Property]
        public ?ShimsShape $shims,
        #[OA\Property(items: new OA\Items(ref: RodsShape::class))]
        public array $rods,
        #[OA\Property]
        public ?DecompressorShape $decompressor,
        #[OA\Property(description: 'parts from the drive side', items: new OA\Items(type: 'string'))]
        public array $rockerStack,
        #[OA\Property(description: 'parts from below', items: new OA\Items(type: 'string'))]
        public array $tube,
        #[OA\Property]
        public ?string $turnedBy,
        #[OA\Property]
        public ?string $runs,
    ) {
    }
}
