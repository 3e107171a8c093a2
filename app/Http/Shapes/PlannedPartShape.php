<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A part that the job takes. */
#[OA\Schema(schema: 'PlannedPart')]
final readonly class PlannedPartShape
{
    /**
     * @param  list<string>  $for
     */
    public function __construct(
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public ?string $promised,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $for,
        #[OA\Property]
        public ?string $why,
    ) {
    }
}
