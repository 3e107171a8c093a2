<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** How a tight gap is opened, in millimetres. */
#[OA\Schema(schema: 'Filing')]
final readonly class FilingShape
{
    /** @param  list<float>  $bites */
    public function __construct(
        #[OA\Property]
        public string $text,
        #[OA\Property(description: 'what to take off before each trial', items: new OA\Items(type: 'number'))]
        public array $bites,
        #[OA\Property(description: 'the leaf that must pass in the end')]
        public ?string $leaf,
    ) {
    }
}
