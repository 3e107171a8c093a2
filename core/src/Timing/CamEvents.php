<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * When one cam opens and closes its valve at the lift that its maker states, in crank degrees from the dead centre that events
 * are counted from: an inlet opens before the top and closes after the bottom, an exhaust opens before the bottom and closes
 * after the top. Duration = opens + 180 + closes. Source: geometry of the four strokes.
 */
final readonly class CamEvents
{
    private const HALF_TURN = Circle::TURN / 2;

    public function __construct(public bool $isInlet, public int|float $opens, public int|float $closes)
    {
    }

    public static function readOrNull(Fields $in, string $key): ?self
    {
        $said = $in->objectOrNull($key, 'opens', 'closes');
        if ($said === null) {
            return null;
        }
        $events = new self($key === 'inlet', $said->angle('opens'), $said->angle('closes'));

        return $events->duration() > 0 ? $events : throw $in->placed(OutOfDomain::because($key,
            'A valve that closes before it opens.', $said->text('opens').', '.$said->text('closes'), 'opens + 180 + closes above 0'));
    }

    public function duration(): int|float
    {
        return $this->opens + self::HALF_TURN + $this->closes;
    }

    /** After the top for an inlet, before it for an exhaust. */
    public function centreline(): int|float
    {
        return $this->duration() / 2 - ($this->isInlet ? $this->opens : $this->closes);
    }
}
