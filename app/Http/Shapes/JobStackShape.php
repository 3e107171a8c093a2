<?php

namespace App\Http\Shapes;

/** What lies on what, and how far it stands. */
final readonly class JobStackShape
{
    /**
     * @param  list<SlabShape>  $slabs
     * @param  list<string>  $trays  slabs that have a bolt board
     * @param  list<string>  $columns  the columns of a V by name; empty where there is one
     * @param  list<ActShape>  $acts
     */
    public function __construct(
        public array $slabs,
        public ?string $togetherUpTo,
        public array $trays,
        public array $columns,
        public array $acts,
    ) {
    }
}
