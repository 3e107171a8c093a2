<?php

namespace App\Http\Shapes;

/** What a stage has got so far. */
final readonly class TorqueDoneShape
{
    /**
     * @param  list<string>  $bolts
     * @param  list<string>  $felt
     * @param  list<string>  $outOfOrder
     */
    public function __construct(
        public int $stage,
        public array $bolts,
        public array $felt,
        public array $outOfOrder,
    ) {
    }
}
