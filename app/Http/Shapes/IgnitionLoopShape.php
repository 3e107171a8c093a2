<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** An ignition point on its way to its tolerance. */
#[OA\Schema(schema: 'IgnitionLoop')]
final readonly class IgnitionLoopShape
{
    /**
     * @param  list<IgnitionRoundShape>  $rounds
     * @param  list<string>  $spared
     */
    public function __construct(
        #[OA\Property]
        public ?string $cylinder,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $setBy,
        #[OA\Property(description: 'as its maker states it')]
        public ?string $point,
        #[OA\Property]
        public ?IgnitionPlaceShape $low,
        #[OA\Property]
        public ?IgnitionPlaceShape $aim,
        #[OA\Property]
        public ?IgnitionPlaceShape $high,
        #[OA\Property(items: new OA\Items(ref: IgnitionRoundShape::class))]
        public array $rounds,
        #[OA\Property(description: 'read, look, rotor off, move, rotor on or done')]
        public string $task,
        #[OA\Property]
        public ?TimingStepShape $step,
        #[OA\Property]
        public string $headline,
        #[OA\Property]
        public string $advice,
        #[OA\Property]
        public ?IgnitionPlateShape $plate,
        #[OA\Property]
        public ?string $rotation,
        #[OA\Property]
        public ?string $seenFrom,
        #[OA\Property(description: 'of the plate, millimetres')]
        public ?float $radius,
        #[OA\Property(description: 'whether the rotor comes off once more')]
        public bool $rotorOffAgain,
        #[OA\Property(items: new OA\Items(type: 'string'), description: 'steps that need not be done, because the point was found inside')]
        public array $spared,
        #[OA\Property(description: 'advance or retard: which way plate or pick-up goes')]
        public ?string $way,
    ) {
    }
}
