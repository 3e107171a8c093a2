<?php

namespace App\Http\Shapes;

use Moltrek\Core\Judgement\State;
use Moltrek\Core\Sheet\JudgedQuantity;

/** Offset of chain wheels or play of gears, and the shims that bring it inside. */
final readonly class WheelFitShape
{
    /**
     * @param  string|null  $where  where a shim goes
     * @param  list<string>  $shims  what lands, the best first
     * @param  list<string>  $nearly
     * @param  string|null  $wanted  the thickness that would meet the aim
     */
    public function __construct(
        public JudgedQuantity $spot,
        public string $name,
        public string $hint,
        public ?string $read,
        public ?State $state,
        public ?string $words,
        public ?string $reason,
        public ?string $action,
        public ?string $limit,
        public ?string $where,
        public array $shims,
        public array $nearly,
        public ?string $wanted,
    ) {
    }
}
