<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\Reached;

/** A fastener from above, in millimetres. */
final readonly class TorqueBoltShape
{
    /**
     * @param  string  $condition  of thread and seating face, as the maker states
     * @param  Reached  $reached  straight, adapter or feel
     * @param  array<string, mixed>|null  $document  as a sheet states it
     */
    public function __construct(
        public string $id,
        public float $x,
        public float $y,
        public string $thread,
        public string $condition,
        public bool $leftHand,
        public Reached $reached,
        public bool $oneUse,
        public ?array $document,
    ) {
    }
}
