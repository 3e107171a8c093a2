<?php

namespace App\Http\Shapes;

use Moltrek\Core\Judgement\State;
use Moltrek\Core\Sheet\ValveSide;
use Moltrek\Core\Timing\CamWay;

/** The events of one side against what its maker states. */
final readonly class CamSideShape
{
    /**
     * @param  float|null  $later  crank degrees later than stated
     * @param  float|null  $slot  degrees of the cam that it is turned by in its slots
     */
    public function __construct(
        public ValveSide $side,
        public ?float $opens,
        public ?float $closes,
        public ?float $duration,
        public ?float $centreline,
        public ?float $statedOpens,
        public ?float $statedCloses,
        public ?float $aim,
        public ?State $state,
        public ?string $words,
        public ?string $reason,
        public ?string $mend,
        public ?int $teeth,
        public ?CamWay $way,
        public ?float $later,
        public ?float $slot,
    ) {
    }
}
