<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The timing bench of a job: everything that is drawn, and how far dead centre, ignition and cams have come. */
#[OA\Schema(schema: 'Timing')]
final readonly class TimingShape
{
    /**
     * @param  list<TimingCylinderShape>  $cylinders
     * @param  list<TimingStrokeShape>  $strokes
     * @param  list<TimingLiftShape>  $lifts
     * @param  list<TimingMarkShape>  $marks
     * @param  list<TopShape>  $tops
     * @param  list<IgnitionLoopShape>  $ignitions
     * @param  list<CamLoopShape>  $cams
     * @param  list<WheelFitShape>  $wheels
     */
    public function __construct(
        #[OA\Property]
        public float $bore,
        #[OA\Property]
        public float $stroke,
        #[OA\Property]
        public ?float $rod,
        #[OA\Property(description: 'of a dial in the plug hole, degrees')]
        public float $incline,
        #[OA\Property]
        public string $cycle,
        #[OA\Property]
        public string $form,
        #[OA\Property]
        public float $veeAngle,
        #[OA\Property]
        public string $gear,
        #[OA\Property]
        public ?string $drive,
        #[OA\Property(description: 'clockwise or anticlockwise')]
        public string $runs,
        #[OA\Property]
        public string $seenFrom,
        #[OA\Property]
        public ?string $turnedBy,
        #[OA\Property]
        public bool $mayTurnBack,
        #[OA\Property]
        public ?string $turningBack,
        #[OA\Property(description: 'at which events are read')]
        public ?string $lift,
        #[OA\Property]
        public bool $decompressor,
        #[OA\Property]
        public bool $splitChain,
        #[OA\Property(description: 'whether the sheet states an ignition point')]
        public bool $statesPoint,
        #[OA\Property(items: new OA\Items(ref: TimingCylinderShape::class))]
        public array $cylinders,
        #[OA\Property(items: new OA\Items(ref: TimingStrokeShape::class))]
        public array $strokes,
        #[OA\Property(items: new OA\Items(ref: TimingLiftShape::class))]
        public array $lifts,
        #[OA\Property]
        public ?TimingWheelShape $wheel,
        #[OA\Property(items: new OA\Items(ref: TimingMarkShape::class))]
        public array $marks,
        #[OA\Property(items: new OA\Items(ref: TopShape::class))]
        public array $tops,
        #[OA\Property(items: new OA\Items(ref: IgnitionLoopShape::class))]
        public array $ignitions,
        #[OA\Property(items: new OA\Items(ref: CamLoopShape::class))]
        public array $cams,
        #[OA\Property(items: new OA\Items(ref: WheelFitShape::class))]
        public array $wheels,
        #[OA\Property(description: 'why a thicker gasket moves no point measured from the top')]
        public ?string $thickness,
    ) {
    }
}
