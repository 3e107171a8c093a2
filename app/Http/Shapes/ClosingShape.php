<?php

namespace App\Http\Shapes;

/** The closing bench of a job. */
final readonly class ClosingShape
{
    /**
     * @param  list<FillShape>  $fills
     * @param  list<LeakDownShape>  $leakDown
     * @param  list<HissShape>  $hisses
     * @param  list<StartItemShape>  $start
     * @param  list<TrialShape>  $trials
     * @param  list<string>  $openEnds
     */
    public function __construct(
        public array $fills,
        public ?LeakBoardShape $leak,
        public array $leakDown,
        public array $hisses,
        public ?string $leakDownLimit,
        public ?TimingStepShape $leakDownStep,
        public CompressionShape $compression,
        public array $start,
        public ?TimingStepShape $startStep,
        public ?TimingStepShape $holdStep,
        public RunInShape $runIn,
        public array $trials,
        public array $openEnds,
        public ?string $handedOver,
    ) {
    }
}
