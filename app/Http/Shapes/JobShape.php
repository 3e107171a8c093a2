<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A job as its screens show it: one part for each chapter of the trade. */
#[OA\Schema(schema: 'Job')]
final readonly class JobShape
{
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $zone,
        #[OA\Property]
        public JobEngineShape $engine,
        #[OA\Property]
        public JobStackShape $stack,
        #[OA\Property]
        public JobPlanningShape $planning,
        #[OA\Property]
        public JobMeasuringShape $measuring,
        #[OA\Property]
        public JobFittingShape $fitting,
        #[OA\Property]
        public JobTorquingShape $torquing,
        #[OA\Property]
        public JobPartsShape $parts,
        #[OA\Property]
        public JobClosingShape $closing,
        #[OA\Property]
        public JobLogShape $log,
    ) {
    }
}
