<?php

namespace App\Http\Shapes;

use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Sheet\SlabKind;

/** A layer in the small drawing of the floor. */
final readonly class FloorSlabShape
{
    /**
     * @param  int  $level  how many slabs lie under it
     * @param  int|null  $column  the bank of a V that it belongs to, from 0; null for what serves them all
     * @param  bool  $beside  whether it stands beside the columns
     */
    public function __construct(
        public string $id,
        public SlabKind $drawnAs,
        public SlabState $state,
        public int $level,
        public ?int $column,
        public bool $beside,
    ) {
    }
}
