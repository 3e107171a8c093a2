<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A step in the order of work of a sheet that is being written. */
#[OA\Schema(schema: 'DraftStep')]
final readonly class DraftStepShape
{
    /** @param  list<string>  $waits */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $slab,
        #[OA\Property(description: 'whether the version that is there has it not')]
        public bool $isNew,
        #[OA\Property(description: 'waits that begin when it is done', items: new OA\Items(type: 'string'))]
        public array $waits,
    ) {
    }
}
