<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A matter on which good mechanics differ. */
#[OA\Schema(schema: 'School')]
final readonly class SchoolShape
{
    /**
     * @param  list<SchoolOptionShape>  $options
     */
    public function __construct(
        #[OA\Property]
        public string $matter,
        #[OA\Property]
        public string $question,
        #[OA\Property]
        public string $chosen,
        #[OA\Property(description: 'chosen on the build, of the sheet, the shop\'s habit, or the usual one', enum: ['chosen', 'sheet', 'shop', 'usual'])]
        public string $whose,
        #[OA\Property]
        public ?string $reason,
        #[OA\Property]
        public bool $isFixed,
        #[OA\Property(items: new OA\Items(ref: SchoolOptionShape::class))]
        public array $options,
    ) {
    }
}
