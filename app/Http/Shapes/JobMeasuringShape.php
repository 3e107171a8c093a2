<?php

namespace App\Http\Shapes;

/** What is read, what came of it, and with what one reads. */
final readonly class JobMeasuringShape
{
    /**
     * @param  list<SpotShape>  $spots
     * @param  list<AssessmentShape>  $assessments
     * @param  list<ToolShape>  $tools
     * @param  list<HeldWayShape>  $heldWays  how the head may be held while something under it is read
     */
    public function __construct(
        public array $spots,
        public array $assessments,
        public array $tools,
        public array $heldWays,
    ) {
    }
}
