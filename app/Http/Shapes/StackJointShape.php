<?php

namespace App\Http\Shapes;

/** A joint that sets how high a barrel or a head stands: what lies there, and what is decided to. */
final readonly class StackJointShape
{
    /**
     * @param  bool  $below  below the barrel, so that ports move with it
     * @param  bool  $inGrooves  its seal lies in grooves: the faces meet
     * @param  bool  $insert  the head itself, for an insert
     * @param  list<LaidPieceShape>  $laid
     * @param  bool  $stated  somebody said or measured it; else it is what the engine left its maker with
     * @param  list<LaidPieceShape>|null  $decided
     * @param  list<StackPieceShape>  $pieces
     */
    public function __construct(
        public string $slab,
        public string $name,
        public bool $below,
        public bool $inGrooves,
        public bool $insert,
        public array $laid,
        public float $laidThickness,
        public bool $crushed,
        public bool $stated,
        public ?array $decided,
        public ?string $decidedBy,
        public bool $toBeChanged,
        public array $pieces,
    ) {
    }
}
