<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A kind of measuring tool. */
#[OA\Schema(schema: 'ToolKind')]
final readonly class ToolKindShape
{
    /** @param  list<string>  $units  that it may show, the usual one first */
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $units,
        #[OA\Property(description: 'a set of leaves')]
        public bool $hasLeaves,
        #[OA\Property(description: 'its range is the one size that it sets gauges to')]
        public bool $setsGauges,
        #[OA\Property(description: 'what its length is taken between; null where none counts')]
        public ?string $length,
    ) {
    }
}
