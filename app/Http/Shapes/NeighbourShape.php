<?php

namespace App\Http\Shapes;

use Moltrek\Core\Planning\NeighbouringWork;
use Moltrek\Core\Sheet\OwnStep;

/** Neighbouring work that may be put into a job: its steps, each as an entry "step_added" takes it. */
final readonly class NeighbourShape
{
    /**
     * @param  bool  $isIn  whether its steps are in the plan already
     * @param  list<array<string, mixed>>  $steps
     *
     * @sent-as list<OwnStep> $steps
     */
    public function __construct(
        public NeighbouringWork $name,
        public bool $isIn,
        public array $steps,
    ) {
    }
}
