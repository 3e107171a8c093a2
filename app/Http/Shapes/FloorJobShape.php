<?php

namespace App\Http\Shapes;

/** A job as the floor shows it. */
final readonly class FloorJobShape
{
    /**
     * @param  list<FloorSlabShape>  $slabs
     * @param  list<PartShape>  $parts
     * @param  list<WaitShape>  $waits
     * @param  list<string>  $shortMoves
     */
    public function __construct(
        public int $number,
        public string $title,
        public string $description,
        public string $owner,
        public ?string $promised,
        public ?string $promisedInWords,
        public bool $late,
        public float $progress,
        public ?string $togetherUpTo,
        public DrawingShape $drawing,
        public array $slabs,
        public NextShape $next,
        public array $parts,
        public array $waits,
        public int $minutesLeft,
        public array $shortMoves,
    ) {
    }
}
