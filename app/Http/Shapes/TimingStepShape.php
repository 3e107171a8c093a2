<?php

namespace App\Http\Shapes;

/** The step of the order of work that the next act answers. */
final readonly class TimingStepShape
{
    /**
     * @param  bool  $torque  whether it is a joint to be pulled
     * @param  string|null  $held  what holds it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $slab,
        public bool $ready,
        public bool $torque,
        public ?string $held,
    ) {
    }
}
