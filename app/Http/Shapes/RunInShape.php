<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Heats, the run-in sheet and what is looked at again. */
#[OA\Schema(schema: 'RunIn')]
final readonly class RunInShape
{
    /**
     * @param  list<RunInStageShape>  $stages
     * @param  list<RecheckShape>  $rechecks
     */
    public function __construct(
        #[OA\Property]
        public int $heatCycles,
        #[OA\Property]
        public int $cycles,
        #[OA\Property]
        public bool $warm,
        #[OA\Property]
        public ?WaitShape $cooling,
        #[OA\Property]
        public string $cool,
        #[OA\Property]
        public ?TimingStepShape $heatStep,
        #[OA\Property(items: new OA\Items(ref: RunInStageShape::class))]
        public array $stages,
        #[OA\Property(items: new OA\Items(ref: RecheckShape::class))]
        public array $rechecks,
        #[OA\Property]
        public ?float $ratio,
        #[OA\Property]
        public ?float $ratioAfter,
        #[OA\Property]
        public float $hoursPerWeek,
        #[OA\Property]
        public ?string $note,
        #[OA\Property]
        public bool $planned,
        #[OA\Property]
        public ?string $source,
        #[OA\Property]
        public ?TimingStepShape $step,
    ) {
    }
}
