<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What the sheet says of honing its barrel; lengths in millimetres. */
#[OA\Schema(schema: 'Honing')]
final readonly class HoningShape
{
    /** @param  list<string>  $tools */
    public function __construct(
        #[OA\Property]
        public string $lining,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $tools,
        #[OA\Property]
        public ?float $budget,
        #[OA\Property(description: 'the most that its taper may be')]
        public ?float $taperMax,
    ) {
    }
}
