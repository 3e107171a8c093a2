<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A valve on its bench: what was read of it, what it should be, what sets it. */
#[OA\Schema(schema: 'Valve')]
final readonly class ValveShape
{
    /**
     * @param  list<ValveStemShape>  $ground
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $cylinder,
        #[OA\Property]
        public string $cylinderName,
        #[OA\Property]
        public string $side,
        #[OA\Property]
        public string $spot,
        #[OA\Property]
        public ?TimingStepShape $step,
        #[OA\Property(description: 'read inside as found, and its setting step is ready')]
        public bool $mayStay,
        #[OA\Property(description: 'as found')]
        public ?string $before,
        #[OA\Property]
        public ?string $now,
        #[OA\Property(description: 'of the reading that stands')]
        public ?string $entry,
        #[OA\Property(description: 'why the last reading no longer holds')]
        public ?string $stale,
        #[OA\Property]
        public ?string $state,
        #[OA\Property]
        public ?string $words,
        #[OA\Property]
        public ?string $reason,
        #[OA\Property]
        public ?string $action,
        #[OA\Property]
        public ?string $limit,
        #[OA\Property(description: 'in it now')]
        public ?string $shim,
        #[OA\Property]
        public bool $shimFound,
        #[OA\Property(description: 'left so on purpose, in words')]
        public ?string $loose,
        #[OA\Property]
        public ?ValveGrindShape $grind,
        #[OA\Property(items: new OA\Items(ref: ValveStemShape::class))]
        public array $ground,
        #[OA\Property]
        public ?string $rodStated,
        #[OA\Property]
        public ?string $rodRead,
        #[OA\Property]
        public bool $tubeSeen,
        #[OA\Property]
        public bool $rockersSeen,
    ) {
    }
}
