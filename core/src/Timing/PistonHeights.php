<?php

namespace Moltrek\Core\Timing;

/**
 * How high the pistons of an engine stand, and in which turns of the crank each comes to the top: the order in which a barrel
 * can be lowered over them. A cylinder's angle = crank + its phase.
 */
final readonly class PistonHeights
{
    private const TURN = 360_000_000_000;

    /** @param  array<string|int, int|float>  $phases  by cylinder, billionths of a degree */
    public function __construct(private CrankGeometry $geometry, private array $phases)
    {
    }

    /** @return array<string|int, float> millimetres below top dead centre, by cylinder */
    public function below(int|float $crank): array
    {
        return array_map(
            fn (int|float $phase): float => $this->geometry->belowTopDeadCentre(self::withinTurn($crank + $phase) / 1e9),
            $this->phases,
        );
    }

    /** @return list<array{crank: int|float, cylinders: list<string>}> in turning order from where the crank stands */
    public function lowering(int|float $crank): array
    {
        $tops = [];
        foreach ($this->phases as $cylinder => $phase) {
            $top = self::withinTurn(-$phase);
            $key = (string) $top;
            $tops[$key] ??= ['crank' => $top, 'cylinders' => []];
            $tops[$key]['cylinders'][] = (string) $cylinder;
        }
        $tops = array_values($tops);
        usort(
            $tops,
            static fn (array $one, array $other): int => self::withinTurn($one['crank'] - $crank)
                <=> self::withinTurn($other['crank'] - $crank),
        );

        return $tops;
    }

    private static function withinTurn(int|float $angle): int|float
    {
        return is_int($angle) ? (($angle % self::TURN) + self::TURN) % self::TURN : fmod(fmod($angle, self::TURN) + self::TURN, self::TURN);
    }
}
