<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What a job is for, and what this engine could be brought for. */
#[OA\Schema(schema: 'Brief')]
final readonly class BriefShape
{
    /**
     * @param  list<string>  $errands
     * @param  list<ErrandShape>  $offered
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $errands,
        #[OA\Property(items: new OA\Items(ref: ErrandShape::class))]
        public array $offered,
    ) {
    }
}
