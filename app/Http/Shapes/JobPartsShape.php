<?php

namespace App\Http\Shapes;

/** Parts on order, parts that the work spends, and where each part was at home. */
final readonly class JobPartsShape
{
    /**
     * @param  list<PartShape>  $orders
     * @param  list<PlannedPartShape>  $planned
     * @param  list<HomePartShape>  $home
     */
    public function __construct(
        public array $orders,
        public array $planned,
        public array $home,
    ) {
    }
}
