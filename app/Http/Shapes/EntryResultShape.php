<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What became of one entry that was sent. */
#[OA\Schema(schema: 'EntryResult')]
final readonly class EntryResultShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public ?RefusalShape $refusal,
    ) {
    }
}
