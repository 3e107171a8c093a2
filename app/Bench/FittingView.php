<?php

namespace App\Bench;

use App\Http\Shapes\JobFittingShape;
use Moltrek\Core\Log\BuildState;

/** What the readings say about bores, pistons, rings and shells, as the screens take it. */
final readonly class FittingView
{
    public function __construct(private BuildState $state)
    {
    }

    public function shape(): JobFittingShape
    {
        $barrel = new BarrelView($this->state);
        $marks = new MarksView($this->state);

        return new JobFittingShape(
            bores: $barrel->advice(),
            pairing: $barrel->pairing(),
            gaps: $barrel->gaps(),
            honing: $barrel->honing(),
            marks: $marks->parts(),
            marksSettledBy: $marks->settledBy(),
            shells: $marks->shells(),
        );
    }
}
