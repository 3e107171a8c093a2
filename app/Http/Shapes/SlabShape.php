<?php

namespace App\Http\Shapes;

use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Sheet\SlabKind;

/** A layer of the top end. */
final readonly class SlabShape
{
    /**
     * @param  string  $lies  how it lies, in words
     * @param  list<VerdictCountShape>  $verdicts
     * @param  int  $level  how many slabs lie under it
     * @param  int|null  $column  the bank of a V that it belongs to, from 0; null for what serves them all
     * @param  bool  $beside  whether it stands beside the columns
     */
    public function __construct(
        public string $id,
        public string $name,
        public SlabKind $drawnAs,
        public SlabState $state,
        public string $lies,
        public ?string $note,
        public int $toDo,
        public array $verdicts,
        public int $level,
        public ?int $column,
        public bool $beside,
    ) {
    }
}
