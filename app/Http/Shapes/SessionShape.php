<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Who is signed in. */
#[OA\Schema(schema: 'Session')]
final readonly class SessionShape
{
    public function __construct(
        #[OA\Property]
        public ?PersonShape $person,
    ) {
    }
}
