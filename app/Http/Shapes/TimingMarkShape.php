<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\MarkCarrier;
use Moltrek\Core\Sheet\MarkedFor;
use Moltrek\Core\Sheet\ValveSide;

/** A timing mark where the sheet puts it. */
final readonly class TimingMarkShape
{
    /**
     * @param  float  $meets  crank degrees after the top of its cylinder
     * @param  float  $clock  degrees from straight up, clockwise as it is seen
     * @param  bool  $mirrored  whether it is seen from the other side than the crank is drawn from
     * @param  string|null  $punched  who punched a new one beside it
     * @param  float|null  $off  degrees off the point that was read inside; null where it agrees or nothing says
     */
    public function __construct(
        public string $id,
        public string $name,
        public MarkCarrier $on,
        public MarkedFor $for,
        public ?string $cylinder,
        public ?ValveSide $side,
        public float $meets,
        public float $clock,
        public ?string $against,
        public string $seenFrom,
        public bool $mirrored,
        public bool $trusted,
        public ?string $punched,
        public ?float $off,
    ) {
    }
}
