<?php

namespace App\Http\Shapes;

use Moltrek\Core\Log\ValveGear\RodTask;

/** The rods of one cylinder on hydraulic lifters. */
final readonly class RodsShape
{
    /**
     * @param  list<string>  $valves
     */
    public function __construct(
        public string $cylinder,
        public string $name,
        public RodTask $task,
        public string $headline,
        public string $advice,
        public ?int $flats,
        public ?string $turns,
        public ?string $preload,
        public ?string $thread,
        public array $valves,
        public ?WaitShape $wait,
        public ?string $letOut,
        public ?string $spins,
        public bool $adjustable,
        public ?TimingStepShape $step,
    ) {
    }
}
