<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A point over the crown as it was read. */
#[OA\Schema(schema: 'StackPoint')]
final readonly class StackPointShape
{
    public function __construct(
        #[OA\Property]
        public string $at,
        #[OA\Property]
        public string $text,
        #[OA\Property(description: 'in millimetres; null where only one side of it is known')]
        public ?float $figure,
    ) {
    }
}
