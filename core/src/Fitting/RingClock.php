<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Quantity\Dimension;

/**
 * Where the ring gaps stand around the piston, in billionths of a degree clockwise from the exhaust, seen on the crown.
 * Neighbouring gaps that are nearly in line let gas past; a gap over a port or on a thrust face is kept off.
 * Source: shop practice.
 */
final readonly class RingClock
{
    public const TURN = 360_000_000_000;

    /** Neighbours closer than this are in line, unless the shop says otherwise. */
    public const IN_LINE = 20_000_000_000;

    /** @param  array<string, int|float>  $angles  by ring, from the crown down */
    private function __construct(private array $angles)
    {
    }

    /** @param  array<string, int|float>  $angles by ring */
    public static function of(array $angles): self
    {
        return new self(array_map(self::withinTurn(...), $angles));
    }

    public static function withinTurn(int|float $angle): int|float
    {
        if (is_int($angle)) {
            return (($angle % self::TURN) + self::TURN) % self::TURN;
        }

        return fmod(fmod($angle, self::TURN) + self::TURN, self::TURN);
    }

    /** @return list<array{between: array{string, string}, value: int|float}> of rings that lie next to each other */
    public function separations(): array
    {
        $separations = [];
        foreach (array_slice(GapSchool::RINGS, 1) as $index => $lower) {
            $upper = GapSchool::RINGS[$index];
            if (isset($this->angles[$upper], $this->angles[$lower])) {
                $apart = self::withinTurn($this->angles[$lower] - $this->angles[$upper]);
                $separations[] = ['between' => [$upper, $lower], 'value' => min($apart, self::TURN - $apart)];
            }
        }

        return $separations;
    }

    /**
     * @param  list<KeptOffArc>  $avoid
     * @return list<array{kind: 'in_line'|'avoided', rings: list<string>, why: string}>
     */
    public function conflicts(array $avoid, int|float $inLine = self::IN_LINE): array
    {
        $conflicts = [];
        foreach ($this->separations() as ['between' => $rings, 'value' => $apart]) {
            if ($apart < $inLine) {
                $conflicts[] = [
                    'kind' => 'in_line',
                    'rings' => $rings,
                    'why' => sprintf(
                        'The gaps stand %s apart, nearer than %s.',
                        Dimension::Angle->written($apart),
                        Dimension::Angle->written($inLine),
                    ),
                ];
            }
        }
        foreach ($this->angles as $ring => $angle) {
            foreach ($avoid as $arc) {
                if ($arc->holds($angle)) {
                    $conflicts[] = ['kind' => 'avoided', 'rings' => [$ring], 'why' => $arc->why];
                }
            }
        }

        return $conflicts;
    }

    /** @return array<string, int|float> */
    public function angles(): array
    {
        return $this->angles;
    }
}
