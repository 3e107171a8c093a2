<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The step of the order of work that the next act answers. */
#[OA\Schema(schema: 'TimingStep')]
final readonly class TimingStepShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $slab,
        #[OA\Property]
        public bool $ready,
        #[OA\Property(description: 'whether it is a joint to be pulled')]
        public bool $torque,
        #[OA\Property(description: 'what holds it')]
        public ?string $held,
    ) {
    }
}
