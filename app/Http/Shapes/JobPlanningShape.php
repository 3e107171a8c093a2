<?php

namespace App\Http\Shapes;

/** The order of work. */
final readonly class JobPlanningShape
{
    /**
     * @param  list<StepShape>  $steps
     * @param  list<WaitShape>  $waits
     * @param  list<LedgerItemShape>  $ledger
     * @param  list<DebtShape>  $debts
     * @param  list<SchoolShape>  $schools
     * @param  float  $progress  how much of the work is done, 0 to 1
     */
    public function __construct(
        public array $steps,
        public NextShape $next,
        public array $waits,
        public array $ledger,
        public array $debts,
        public array $schools,
        public int $minutesLeft,
        public BriefShape $brief,
        public float $progress,
    ) {
    }
}
