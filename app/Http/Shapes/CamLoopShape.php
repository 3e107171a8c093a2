<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A cam on its way to being timed. */
#[OA\Schema(schema: 'CamLoop')]
final readonly class CamLoopShape
{
    /**
     * @param  list<CamReadingShape>  $readings
     * @param  list<CamSideShape>  $sides
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $bank,
        #[OA\Property]
        public string $cam,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'the first it opens valves of')]
        public string $cylinder,
        #[OA\Property(description: 'read, move, turn or done')]
        public string $task,
        #[OA\Property]
        public ?TimingStepShape $step,
        #[OA\Property]
        public string $headline,
        #[OA\Property]
        public string $advice,
        #[OA\Property(description: 'whole teeth it is late')]
        public int $teethOff,
        #[OA\Property(description: 'advance or retard: which way it is moved by those teeth')]
        public ?string $teethWay,
        #[OA\Property(items: new OA\Items(ref: CamReadingShape::class))]
        public array $readings,
        #[OA\Property(items: new OA\Items(ref: CamSideShape::class))]
        public array $sides,
        #[OA\Property]
        public ?float $separation,
        #[OA\Property]
        public ?float $overlap,
        #[OA\Property]
        public ?string $separationWords,
    ) {
    }
}
