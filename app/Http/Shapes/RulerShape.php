<?php

namespace App\Http\Shapes;

/** The limit ruler to scale, in millimetres. */
final readonly class RulerShape
{
    /**
     * @param  list<ZoneShape>  $zones
     * @param  list<MarkShape>  $marks
     * @param  list<WhiskerShape>  $whiskers
     */
    public function __construct(
        public float $from,
        public float $to,
        public array $zones,
        public array $marks,
        public array $whiskers,
    ) {
    }
}
