<?php

namespace App\Http\Shapes;

/** An errand of a sheet that is being written: its order of work, and what that was before. */
final readonly class DraftErrandShape
{
    /**
     * @param  list<DraftStepShape>  $steps
     * @param  list<DraftStepShape>  $gone  steps that the version that is there has, and this has not
     */
    public function __construct(
        public string $name,
        public array $steps,
        public array $gone,
    ) {
    }
}
