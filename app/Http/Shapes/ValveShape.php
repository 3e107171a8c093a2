<?php

namespace App\Http\Shapes;

use Moltrek\Core\Judgement\State;
use Moltrek\Core\Sheet\ValveSide;

/** A valve on its bench: what was read of it, what it should be, what sets it. */
final readonly class ValveShape
{
    /**
     * @param  bool  $mayStay  read inside as found, and its setting step is ready
     * @param  string|null  $before  as found
     * @param  string|null  $entry  of the reading that stands
     * @param  string|null  $stale  why the last reading no longer holds
     * @param  string|null  $shim  in it now
     * @param  string|null  $loose  left so on purpose, in words
     * @param  list<ValveStemShape>  $ground
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $cylinder,
        public string $cylinderName,
        public ValveSide $side,
        public string $spot,
        public ?TimingStepShape $step,
        public bool $mayStay,
        public ?string $before,
        public ?string $now,
        public ?string $entry,
        public ?string $stale,
        public ?State $state,
        public ?string $words,
        public ?string $reason,
        public ?string $action,
        public ?string $limit,
        public ?string $shim,
        public bool $shimFound,
        public ?string $loose,
        public ?ValveGrindShape $grind,
        public array $ground,
        public ?string $rodStated,
        public ?string $rodRead,
        public bool $tubeSeen,
        public bool $rockersSeen,
    ) {
    }
}
