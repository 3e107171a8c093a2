<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** The wheel by which a chain turns a cam: its teeth, the chain’s pitch, the teeth of what drives it, and whether its holes are slotted. */
final readonly class CamWheel
{
    private const FEWEST_TEETH = 3;

    public const KEYS = ['teeth', 'pitch', 'driven_by', 'slotted'];

    private function __construct(public int $teeth, public Length $pitch, public ?int $drivenBy, public bool $isSlotted)
    {
    }

    public static function readOrNull(Fields $valveTrain): ?self
    {
        $wheel = $valveTrain->objectOrNull('cam_wheel', ...self::KEYS);

        return $wheel === null ? null : new self(
            $wheel->whole('teeth', self::FEWEST_TEETH, 500), $wheel->size('pitch'),
            $wheel->has('driven_by') ? $wheel->whole('driven_by', self::FEWEST_TEETH, 500) : null, $wheel->flag('slotted'),
        );
    }
}
