<?php

namespace App\Http\Shapes;

/** Heats, the run-in sheet and what is looked at again. */
final readonly class RunInShape
{
    /**
     * @param  list<RunInStageShape>  $stages
     * @param  list<RecheckShape>  $rechecks
     */
    public function __construct(
        public int $heatCycles,
        public int $cycles,
        public bool $warm,
        public ?WaitShape $cooling,
        public string $cool,
        public ?TimingStepShape $heatStep,
        public array $stages,
        public array $rechecks,
        public ?float $ratio,
        public ?float $ratioAfter,
        public float $hoursPerWeek,
        public ?string $note,
        public bool $planned,
        public ?string $source,
        public ?TimingStepShape $step,
    ) {
    }
}
