<?php

namespace App\Http\Shapes;

/** Who is signed in. */
final readonly class SessionShape
{
    /**
     * @param  bool  $byPin  they took the bench over by a PIN
     * @param  bool  $secondFactor  they sign in with a second factor
     */
    public function __construct(
        public ?PersonShape $person,
        public bool $byPin,
        public bool $secondFactor,
    ) {
    }
}
