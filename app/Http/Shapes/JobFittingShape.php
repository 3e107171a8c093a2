<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What the readings say about bores, pistons, rings and shells. */
#[OA\Schema(schema: 'JobFitting')]
final readonly class JobFittingShape
{
    /**
     * @param  list<BoreAdviceShape>  $bores
     * @param  list<GapPlaceShape>  $gaps
     * @param  list<MarkedPartShape>  $marks
     * @param  list<ShellChoiceShape>  $shells
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: BoreAdviceShape::class))]
        public array $bores,
        #[OA\Property]
        public ?PairingShape $pairing,
        #[OA\Property(items: new OA\Items(ref: GapPlaceShape::class))]
        public array $gaps,
        #[OA\Property]
        public HoningShape $honing,
        #[OA\Property(items: new OA\Items(ref: MarkedPartShape::class))]
        public array $marks,
        #[OA\Property(description: 'what would tell of the marks that are too close to call')]
        public ?string $marksSettledBy,
        #[OA\Property(items: new OA\Items(ref: ShellChoiceShape::class))]
        public array $shells,
    ) {
    }
}
