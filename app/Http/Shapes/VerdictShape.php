<?php

namespace App\Http\Shapes;

use Moltrek\Core\Judgement\Side;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Judgement\Zone;

/** A verdict with its reason. */
final readonly class VerdictShape
{
    public function __construct(
        public State $state,
        public ?Side $side,
        public ?Zone $likely,
        public string $words,
        public string $reason,
        public ?string $action,
        public ?float $margin,
    ) {
    }
}
