<?php

namespace App\Http\Shapes;

use Moltrek\Core\Judgement\Side;
use Moltrek\Core\Judgement\Zone;

/** A stretch of the limit ruler, in millimetres. */
final readonly class ZoneShape
{
    public function __construct(
        public float $from,
        public float $to,
        public Zone $zone,
        public ?Side $side,
    ) {
    }
}
