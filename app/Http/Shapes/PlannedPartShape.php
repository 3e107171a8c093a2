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
        #[OA\Property(description: 'it came and is not the right one')]
        public bool $wrong,
        #[OA\Property(description: 'one-use, reuse if, renewed although good, carried over; null where there is no rule')]
        public ?string $reuse,
        #[OA\Property(description: 'the condition of its reuse, or why there is none')]
        public string $condition,
        #[OA\Property]
        public bool $mayGoBack,
        #[OA\Property(description: 'the column of a V that takes it')]
        public ?int $column,
    ) {
    }
}
