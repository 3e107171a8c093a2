<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A pressure test of closed cases. */
#[OA\Schema(schema: 'LeakTest')]
final readonly class LeakTestShape
{
    /**
     * @param  list<LeakPointShape>  $points
     */
    public function __construct(
        #[OA\Property]
        public string $begun,
        #[OA\Property]
        public string $by,
        #[OA\Property(items: new OA\Items(ref: LeakPointShape::class))]
        public array $points,
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public string $headline,
        #[OA\Property]
        public string $says,
        #[OA\Property]
        public ?float $perMinute,
        #[OA\Property]
        public ?string $stale,
    ) {
    }
}
