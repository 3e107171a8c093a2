<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A joint that sets how high a barrel or a head stands: what lies there, and what is decided to. */
#[OA\Schema(schema: 'StackJoint')]
final readonly class StackJointShape
{
    /**
     * @param  list<LaidPieceShape>  $laid
     * @param  list<LaidPieceShape>|null  $decided
     * @param  list<StackPieceShape>  $pieces
     */
    public function __construct(
        #[OA\Property]
        public string $slab,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'below the barrel, so that ports move with it')]
        public bool $below,
        #[OA\Property(description: 'its seal lies in grooves: the faces meet')]
        public bool $inGrooves,
        #[OA\Property(description: 'the head itself, for an insert')]
        public bool $insert,
        #[OA\Property(items: new OA\Items(ref: LaidPieceShape::class))]
        public array $laid,
        #[OA\Property]
        public float $laidThickness,
        #[OA\Property]
        public bool $crushed,
        #[OA\Property(description: 'somebody said or measured it; else it is what the engine left its maker with')]
        public bool $stated,
        #[OA\Property(items: new OA\Items(ref: LaidPieceShape::class))]
        public ?array $decided,
        #[OA\Property]
        public ?string $decidedBy,
        #[OA\Property]
        public bool $toBeChanged,
        #[OA\Property(items: new OA\Items(ref: StackPieceShape::class))]
        public array $pieces,
    ) {
    }
}
