<?php

namespace App\Http\Shapes;

use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Log\ValveGear\ShimTask;

/** The shims of an engine: the loop, the plan and what is at hand. */
final readonly class ShimsShape
{
    /**
     * @param  list<ShimRowShape>  $rows
     * @param  list<ShimPartShape>  $buy
     * @param  list<string>  $spare
     * @param  string|null  $refused  why there is no plan
     * @param  list<string>  $costs  what is done again for it
     * @param  list<ShimPartShape>  $shelf
     * @param  string|null  $decided  the entry by which the plan was kept
     * @param  string|null  $shelvedBy  who counted what was left over onto the shelf
     * @param  list<string>  $leftOver  what the plan that was carried out left over
     */
    public function __construct(
        public ShimTask $task,
        public string $headline,
        public string $advice,
        public Aim $aim,
        public bool $all,
        public float $ratio,
        public ?string $sold,
        public array $rows,
        public array $buy,
        public array $spare,
        public ?string $refused,
        public array $costs,
        public array $shelf,
        public ?string $decided,
        public ?string $decidedBy,
        public ?string $shelvedBy,
        public array $leftOver,
        public ?TimingStepShape $step,
    ) {
    }
}
