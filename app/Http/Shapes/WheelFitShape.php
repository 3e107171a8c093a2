<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Offset of chain wheels or play of gears, and the shims that bring it inside. */
#[OA\Schema(schema: 'WheelFit')]
final readonly class WheelFitShape
{
    /**
     * @param  list<string>  $shims
     * @param  list<string>  $nearly
     */
    public function __construct(
        #[OA\Property]
        public string $spot,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $hint,
        #[OA\Property]
        public ?string $read,
        #[OA\Property]
        public ?string $state,
        #[OA\Property]
        public ?string $words,
        #[OA\Property]
        public ?string $reason,
        #[OA\Property]
        public ?string $action,
        #[OA\Property]
        public ?string $limit,
        #[OA\Property(description: 'where a shim goes')]
        public ?string $where,
        #[OA\Property(items: new OA\Items(type: 'string'), description: 'what lands, the best first')]
        public array $shims,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $nearly,
        #[OA\Property(description: 'the thickness that would meet the aim')]
        public ?string $wanted,
    ) {
    }
}
