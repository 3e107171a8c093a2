<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A job as the floor shows it. */
#[OA\Schema(schema: 'FloorJob')]
final readonly class FloorJobShape
{
    /**
     * @param  list<FloorSlabShape>  $slabs
     * @param  list<PartShape>  $parts
     * @param  list<WaitShape>  $waits
     * @param  list<string>  $shortMoves
     */
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $description,
        #[OA\Property]
        public string $owner,
        #[OA\Property]
        public ?string $promised,
        #[OA\Property]
        public ?string $promisedInWords,
        #[OA\Property]
        public bool $late,
        #[OA\Property]
        public float $progress,
        #[OA\Property]
        public ?string $togetherUpTo,
        #[OA\Property]
        public DrawingShape $drawing,
        #[OA\Property(items: new OA\Items(ref: FloorSlabShape::class))]
        public array $slabs,
        #[OA\Property]
        public NextShape $next,
        #[OA\Property(items: new OA\Items(ref: PartShape::class))]
        public array $parts,
        #[OA\Property(items: new OA\Items(ref: WaitShape::class))]
        public array $waits,
        #[OA\Property]
        public int $minutesLeft,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $shortMoves,
    ) {
    }
}
