<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The shims of an engine: the loop, the plan and what is at hand. */
#[OA\Schema(schema: 'Shims')]
final readonly class ShimsShape
{
    /**
     * @param  list<ShimRowShape>  $rows
     * @param  list<ShimPartShape>  $buy
     * @param  list<string>  $spare
     * @param  list<string>  $costs
     * @param  list<ShimPartShape>  $shelf
     * @param  list<string>  $leftOver
     */
    public function __construct(
        #[OA\Property]
        public string $task,
        #[OA\Property]
        public string $headline,
        #[OA\Property]
        public string $advice,
        #[OA\Property]
        public string $aim,
        #[OA\Property]
        public bool $all,
        #[OA\Property]
        public float $ratio,
        #[OA\Property]
        public ?string $sold,
        #[OA\Property(items: new OA\Items(ref: ShimRowShape::class))]
        public array $rows,
        #[OA\Property(items: new OA\Items(ref: ShimPartShape::class))]
        public array $buy,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $spare,
        #[OA\Property(description: 'why there is no plan')]
        public ?string $refused,
        #[OA\Property(description: 'what is done again for it', items: new OA\Items(type: 'string'))]
        public array $costs,
        #[OA\Property(items: new OA\Items(ref: ShimPartShape::class))]
        public array $shelf,
        #[OA\Property(description: 'the entry by which the plan was kept')]
        public ?string $decided,
        #[OA\Property]
        public ?string $decidedBy,
        #[OA\Property(description: 'who counted what was left over onto the shelf')]
        public ?string $shelvedBy,
        #[OA\Property(description: 'what the plan that was carried out left over', items: new OA\Items(type: 'string'))]
        public array $leftOver,
        #[OA\Property]
        public ?TimingStepShape $step,
    ) {
    }
}
