<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What the bore of a cylinder should have done to it; lengths in millimetres. */
#[OA\Schema(schema: 'BoreAdvice')]
final readonly class BoreAdviceShape
{
    /**
     * @param  list<ConsideredShape>  $considered
     * @param  list<string>  $reasons
     */
    public function __construct(
        #[OA\Property]
        public string $cylinder,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'why nothing can be said yet')]
        public ?string $missing,
        #[OA\Property]
        public ?string $decision,
        #[OA\Property]
        public ?string $size,
        #[OA\Property]
        public ?float $piston,
        #[OA\Property]
        public ?float $finishMin,
        #[OA\Property]
        public ?float $finishAim,
        #[OA\Property]
        public ?float $finishMax,
        #[OA\Property]
        public ?float $remove,
        #[OA\Property(description: 'the sheet\'s hone budget that is left after this')]
        public ?float $honeBudgetLeft,
        #[OA\Property(items: new OA\Items(ref: ConsideredShape::class))]
        public array $considered,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $reasons,
        #[OA\Property(description: 'what somebody has decided')]
        public ?string $decided,
        #[OA\Property]
        public ?string $decidedBy,
        #[OA\Property(description: 'whether it is to go out and has not been looked over since')]
        public bool $goesOut,
        #[OA\Property(description: 'where it is, while it is out')]
        public ?string $away,
        #[OA\Property(description: 'the day it is promised for, while it is out')]
        public ?string $promised,
    ) {
    }
}
