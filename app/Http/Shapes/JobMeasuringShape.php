<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What is read, what came of it, and with what one reads. */
#[OA\Schema(schema: 'JobMeasuring')]
final readonly class JobMeasuringShape
{
    /**
     * @param  list<SpotShape>  $spots
     * @param  list<AssessmentShape>  $assessments
     * @param  list<ToolShape>  $tools
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: SpotShape::class))]
        public array $spots,
        #[OA\Property(items: new OA\Items(ref: AssessmentShape::class))]
        public array $assessments,
        #[OA\Property(items: new OA\Items(ref: ToolShape::class))]
        public array $tools,
    ) {
    }
}
