<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\Form;
use Moltrek\Core\Sheet\ValveGear;

/** What the engine is drawn from; lengths in millimetres. */
final readonly class DrawingShape
{
    /**
     * @param  float|null  $veeAngle  between the banks of a V, in degrees
     * @param  bool  $rodIsStated  whether the sheet states it, and it is not only drawn so
     * @param  list<CylinderShape>  $cylinders
     * @param  list<RingShape>  $rings
     */
    public function __construct(
        public Cycle $cycle,
        public Form $form,
        public ?float $veeAngle,
        public Cooling $cooling,
        public ValveGear $valveGear,
        public bool $exhaustValve,
        public bool $oneBlock,
        public float $bore,
        public float $stroke,
        public float $rod,
        public bool $rodIsStated,
        public float $barrelHeight,
        public float $pistonHeight,
        public float $gaugePoint,
        public array $cylinders,
        public array $rings,
    ) {
    }
}
