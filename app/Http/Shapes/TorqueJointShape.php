<?php

namespace App\Http\Shapes;

use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Torquing\Programme;

/** A joint that is pulled in one step of the plan. */
final readonly class TorqueJointShape
{
    /**
     * @param  StepState  $state  of its step
     * @param  string|null  $why  why it cannot begin yet
     * @param  list<TorqueBoltShape>  $bolts
     * @param  list<TorquePassShape>  $passes  once round each; none where the sheet states no programme
     * @param  array<string, mixed>|null  $programme  as a run takes it along; null where it has to be asked for
     * @param  TorqueRunShape|null  $run  the run that counts, or counted last
     *
     * @sent-as Programme|null $programme
     */
    public function __construct(
        public string $step,
        public string $slab,
        public string $name,
        public StepState $state,
        public bool $canBegin,
        public ?string $why,
        public array $bolts,
        public array $passes,
        public ?array $programme,
        public ?TorqueRunShape $run,
        public TorquePlaceShape $place,
    ) {
    }
}
