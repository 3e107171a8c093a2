<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Timing\CrankGeometry;

/**
 * The upper edge of a port and when the crown uncovers it. The piston's way at which it opens is the edge's depth from the
 * barrel's face less the deck; it is open for 360 − 2·opens. Source: geometry of the crank.
 */
final readonly class Port
{
    /** Rounding of an angle that was turned into a way leaves it this far from the dead centres, in millimetres. */
    private const ROUNDING = 1e-9;

    /** @param  float  $top  depth of the edge below the barrel's face, as $way, the piston's at which it opens: millimetres */
    private function __construct(public float $top, public float $way, public float $opens)
    {
    }

    /**
     * @param  float  $deck  millimetres below the face
     *
     * @throws OutOfDomain where the crown never comes to that edge
     */
    public static function at(float $top, float $deck, Length $stroke, CrankGeometry $crank): self
    {
        $most = $stroke->quantity()['value'];
        $way = $top - $deck;
        if ($way < -self::ROUNDING || $way > $most + self::ROUNDING) {
            $written = static fn (float $of): string => Length::ofNanometres($of * 1e6)->short();
            throw OutOfDomain::because('', 'The crown never comes to this edge.', $written($top),
                sprintf('from %s to %s below the face with this deck', $written($deck), $written($deck + $most)));
        }
        $way = min(max($way, 0.0), $most);

        return new self($top, $way, $crank->turnTo($way));
    }

    public function duration(): float
    {
        return 360 - 2 * $this->opens;
    }

    /** @return array<string, array{value: float, unit: string}> top, opens and duration */
    public function toArray(): array
    {
        return [
            'top' => ['value' => $this->top, 'unit' => 'mm'],
            'opens' => ['value' => $this->opens, 'unit' => 'deg'],
            'duration' => ['value' => $this->duration(), 'unit' => 'deg'],
        ];
    }
}
