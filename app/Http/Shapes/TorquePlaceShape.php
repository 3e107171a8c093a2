<?php

namespace App\Http\Shapes;

/** What lies under the fasteners, seen from above, in millimetres. */
final readonly class TorquePlaceShape
{
    /**
     * @param  list<TorqueBoreShape>  $bores
     */
    public function __construct(
        public array $bores,
        public ?TorqueSlotShape $chain,
        public bool $isHead,
    ) {
    }
}
