<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Top dead centre of a cylinder as far as it has been read. */
#[OA\Schema(schema: 'Top')]
final readonly class TopShape
{
    /**
     * @param  list<TopPairShape>  $pairs
     * @param  list<TopNeedShape>  $needs
     */
    public function __construct(
        #[OA\Property]
        public string $cylinder,
        #[OA\Property(items: new OA\Items(ref: TopPairShape::class))]
        public array $pairs,
        #[OA\Property(description: 'what the wheel reads there')]
        public ?float $tdc,
        #[OA\Property]
        public ?float $setBy,
        #[OA\Property]
        public ?float $spread,
        #[OA\Property]
        public ?string $worth,
        #[OA\Property(items: new OA\Items(ref: TopNeedShape::class))]
        public array $needs,
        #[OA\Property(description: 'when the wheel was set')]
        public ?string $setAt,
        #[OA\Property(description: 'crank degrees either side of the top over which a dial of 0.01 mm does not move')]
        public ?float $standsStill,
    ) {
    }
}
