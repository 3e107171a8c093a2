<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What a stage has got so far. */
#[OA\Schema(schema: 'TorqueDone')]
final readonly class TorqueDoneShape
{
    /**
     * @param  list<string>  $bolts
     * @param  list<string>  $felt
     * @param  list<string>  $outOfOrder
     */
    public function __construct(
        #[OA\Property]
        public int $stage,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $bolts,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $felt,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $outOfOrder,
    ) {
    }
}
