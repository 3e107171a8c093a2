<?php

namespace App\Http\Shapes;

use Moltrek\Core\Fitting\BoreJob;

/** What the bore of a cylinder should have done to it; lengths in millimetres. */
final readonly class BoreAdviceShape
{
    /**
     * @param  string|null  $missing  why nothing can be said yet
     * @param  float|null  $honeBudgetLeft  the sheet's hone budget that is left after this
     * @param  list<ConsideredShape>  $considered
     * @param  list<string>  $reasons
     * @param  string|null  $decided  what somebody has decided
     * @param  bool  $goesOut  whether it is to go out and has not been looked over since
     * @param  string|null  $away  where it is, while it is out
     * @param  string|null  $promised  the day it is promised for, while it is out
     */
    public function __construct(
        public string $cylinder,
        public string $name,
        public ?string $missing,
        public ?BoreJob $decision,
        public ?string $size,
        public ?float $piston,
        public ?float $finishMin,
        public ?float $finishAim,
        public ?float $finishMax,
        public ?float $remove,
        public ?float $honeBudgetLeft,
        public array $considered,
        public array $reasons,
        public ?string $decided,
        public ?string $decidedBy,
        public bool $goesOut,
        public ?string $away,
        public ?string $promised,
    ) {
    }
}
