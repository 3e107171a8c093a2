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
        #[OA\Property(description: 'they took the bench over by a PIN')]
        public bool $byPin,
        #[OA\Property(description: 'they sign in with a second factor')]
        public bool $secondFactor,
    ) {
    }
}
