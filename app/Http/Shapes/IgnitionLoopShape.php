<?php

namespace App\Http\Shapes;

use Moltrek\Core\Log\Timing\IgnitionTask;
use Moltrek\Core\Sheet\IgnitionSetBy;
use Moltrek\Core\Sheet\Rotation;
use Moltrek\Core\Timing\CamWay;

/** An ignition point on its way to its tolerance. */
final readonly class IgnitionLoopShape
{
    /**
     * @param  string|null  $point  as its maker states it
     * @param  list<IgnitionRoundShape>  $rounds
     * @param  IgnitionTask  $task  read, look, rotor off, move, rotor on or done
     * @param  float|null  $radius  of the plate, millimetres
     * @param  bool  $rotorOffAgain  whether the rotor comes off once more
     * @param  list<string>  $spared  steps that need not be done, because the point was found inside
     * @param  CamWay|null  $way  advance or retard: which way plate or pick-up goes
     */
    public function __construct(
        public ?string $cylinder,
        public string $name,
        public IgnitionSetBy $setBy,
        public ?string $point,
        public ?IgnitionPlaceShape $low,
        public ?IgnitionPlaceShape $aim,
        public ?IgnitionPlaceShape $high,
        public array $rounds,
        public IgnitionTask $task,
        public ?TimingStepShape $step,
        public string $headline,
        public string $advice,
        public ?IgnitionPlateShape $plate,
        public ?Rotation $rotation,
        public ?string $seenFrom,
        public ?float $radius,
        public bool $rotorOffAgain,
        public array $spared,
        public ?CamWay $way,
    ) {
    }
}
