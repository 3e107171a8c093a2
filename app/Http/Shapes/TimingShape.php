<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\Form;
use Moltrek\Core\Sheet\ValveGear;

/** The timing bench of a job: everything that is drawn, and how far dead centre, ignition and cams have come. */
final readonly class TimingShape
{
    /**
     * @param  float  $incline  of a dial in the plug hole, degrees
     * @param  string  $runs  clockwise or anticlockwise
     * @param  string|null  $lift  at which events are read
     * @param  bool  $statesPoint  whether the sheet states an ignition point
     * @param  list<TimingCylinderShape>  $cylinders
     * @param  list<TimingStrokeShape>  $strokes
     * @param  list<TimingLiftShape>  $lifts
     * @param  list<TimingMarkShape>  $marks
     * @param  list<TopShape>  $tops
     * @param  list<IgnitionLoopShape>  $ignitions
     * @param  list<CamLoopShape>  $cams
     * @param  list<WheelFitShape>  $wheels
     * @param  string|null  $thickness  why a thicker gasket moves no point measured from the top
     */
    public function __construct(
        public float $bore,
        public float $stroke,
        public ?float $rod,
        public float $incline,
        public Cycle $cycle,
        public Form $form,
        public float $veeAngle,
        public ValveGear $gear,
        public ?CamDrive $drive,
        public string $runs,
        public string $seenFrom,
        public ?string $turnedBy,
        public bool $mayTurnBack,
        public ?string $turningBack,
        public ?string $lift,
        public bool $decompressor,
        public bool $splitChain,
        public bool $statesPoint,
        public array $cylinders,
        public array $strokes,
        public array $lifts,
        public ?TimingWheelShape $wheel,
        public array $marks,
        public array $tops,
        public array $ignitions,
        public array $cams,
        public array $wheels,
        public ?string $thickness,
    ) {
    }
}
