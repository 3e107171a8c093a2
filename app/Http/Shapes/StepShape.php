<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A step of the work. */
#[OA\Schema(schema: 'Step')]
final readonly class StepShape
{
    /**
     * @param  list<string>  $needs
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $slab,
        #[OA\Property]
        public ?string $cylinder,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $why,
        #[OA\Property]
        public ?string $caution,
        #[OA\Property]
        public string $state,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $needs,
        #[OA\Property]
        public ?string $waitsFor,
        #[OA\Property]
        public ?string $entry,
        #[OA\Property]
        public ?string $doneBy,
        #[OA\Property]
        public ?string $doneAt,
    ) {
    }
}
