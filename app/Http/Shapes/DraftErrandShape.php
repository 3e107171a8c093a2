<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** An errand of a sheet that is being written: its order of work, and what that was before. */
#[OA\Schema(schema: 'DraftErrand')]
final readonly class DraftErrandShape
{
    /**
     * @param  list<DraftStepShape>  $steps
     * @param  list<DraftStepShape>  $gone
     */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(items: new OA\Items(ref: DraftStepShape::class))]
        public array $steps,
        #[OA\Property(description: 'steps that the version that is there has, and this has not', items: new OA\Items(ref: DraftStepShape::class))]
        public array $gone,
    ) {
    }
}
