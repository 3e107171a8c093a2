<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Something that is looked at again. */
#[OA\Schema(schema: 'Recheck')]
final readonly class RecheckShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $what,
        #[OA\Property]
        public string $when,
        #[OA\Property]
        public ?string $due,
        #[OA\Property]
        public bool $done,
        #[OA\Property]
        public ?string $by,
    ) {
    }
}
