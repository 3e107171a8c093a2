<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The closing bench of a job. */
#[OA\Schema(schema: 'Closing')]
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
        #[OA\Property(items: new OA\Items(ref: FillShape::class))]
        public array $fills,
        #[OA\Property]
        public ?LeakBoardShape $leak,
        #[OA\Property(items: new OA\Items(ref: LeakDownShape::class))]
        public array $leakDown,
        #[OA\Property(items: new OA\Items(ref: HissShape::class))]
        public array $hisses,
        #[OA\Property]
        public ?string $leakDownLimit,
        #[OA\Property]
        public ?TimingStepShape $leakDownStep,
        #[OA\Property]
        public CompressionShape $compression,
        #[OA\Property(items: new OA\Items(ref: StartItemShape::class))]
        public array $start,
        #[OA\Property]
        public ?TimingStepShape $startStep,
        #[OA\Property]
        public ?TimingStepShape $holdStep,
        #[OA\Property]
        public RunInShape $runIn,
        #[OA\Property(items: new OA\Items(ref: TrialShape::class))]
        public array $trials,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $openEnds,
        #[OA\Property]
        public ?string $handedOver,
    ) {
    }
}
