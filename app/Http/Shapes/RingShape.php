<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\RingKind;

/** A ring in the drawing, from the crown down. */
final readonly class RingShape
{
    public function __construct(
        public string $id,
        public string $name,
        public RingKind $kind,
    ) {
    }
}
