<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A stretch of running in. */
#[OA\Schema(schema: 'RunInStage')]
final readonly class RunInStageShape
{
    public function __construct(
        #[OA\Property]
        public string $until,
        #[OA\Property]
        public string $throttle,
        #[OA\Property]
        public ?string $note,
    ) {
    }
}
