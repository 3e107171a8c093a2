<?php

namespace App\Http\Shapes;

use Moltrek\Core\Planning\Errand;

/** What a job is for, and what this engine could be brought for. */
final readonly class BriefShape
{
    /**
     * @param  list<Errand>  $errands
     * @param  list<ErrandShape>  $offered
     */
    public function __construct(
        public array $errands,
        public array $offered,
    ) {
    }
}
