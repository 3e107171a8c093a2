<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Something to be looked at again on a machine that went out. */
#[OA\Schema(schema: 'ComesBack')]
final readonly class ComesBackShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public int $job,
        #[OA\Property]
        public string $machine,
        #[OA\Property]
        public string $owner,
        #[OA\Property]
        public string $what,
        #[OA\Property]
        public string $due,
        #[OA\Property]
        public string $inWords,
        #[OA\Property]
        public bool $late,
    ) {
    }
}
