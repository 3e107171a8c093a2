<?php

namespace App\Http\Shapes;

/** A job as its screens show it: one part for each chapter of the trade. */
final readonly class JobShape
{
    public function __construct(
        public int $number,
        public string $title,
        public string $zone,
        public JobEngineShape $engine,
        public JobStackShape $stack,
        public JobPlanningShape $planning,
        public JobMeasuringShape $measuring,
        public JobFittingShape $fitting,
        public JobTorquingShape $torquing,
        public JobPartsShape $parts,
        public JobClosingShape $closing,
        public JobLogShape $log,
    ) {
    }
}
