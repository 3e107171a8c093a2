<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The order of work. */
#[OA\Schema(schema: 'JobPlanning')]
final readonly class JobPlanningShape
{
    /**
     * @param  list<StepShape>  $steps
     * @param  list<WaitShape>  $waits
     * @param  list<LedgerItemShape>  $ledger
     * @param  list<DebtShape>  $debts
     * @param  list<SchoolShape>  $schools
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: StepShape::class))]
        public array $steps,
        #[OA\Property]
        public NextShape $next,
        #[OA\Property(items: new OA\Items(ref: WaitShape::class))]
        public array $waits,
        #[OA\Property(items: new OA\Items(ref: LedgerItemShape::class))]
        public array $ledger,
        #[OA\Property(items: new OA\Items(ref: DebtShape::class))]
        public array $debts,
        #[OA\Property(items: new OA\Items(ref: SchoolShape::class))]
        public array $schools,
        #[OA\Property]
        public int $minutesLeft,
        #[OA\Property]
        public BriefShape $brief,
        #[OA\Property(description: 'how much of the work is done, 0 to 1')]
        public float $progress,
    ) {
    }
}
