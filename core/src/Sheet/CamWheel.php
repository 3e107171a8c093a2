<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** The wheel by which a chain turns a cam: its teeth and the chain’s pitch. */
final readonly class CamWheel
{
    private const FEWEST_TEETH = 3;

    private function __construct(public int $teeth, public Length $pitch)
    {
    }

    public static function readOrNull(Fields $valveTrain): ?self
    {
        $wheel = $valveTrain->objectOrNull('cam_wheel', 'teeth', 'pitch');

        return $wheel === null ? null : new self($wheel->whole('teeth', self::FEWEST_TEETH, 500), $wheel->size('pitch'));
    }
}
