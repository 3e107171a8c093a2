<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;

/** One final figure, reached in stages by a school of the trade: each a share of it, rounded to a step of the wrench, the last exact. */
enum Stages: string
{
    case Thirds = 'thirds';
    case HalfThreeQuartersFull = 'half-three-quarters-full';
    case HalfFull = 'half-full';

    /** "1/3, 2/3, all". */
    public function words(): string
    {
        return implode(', ', array_map(
            static fn (array $share): string => $share[0] === $share[1] ? 'all' : $share[0].'/'.$share[1],
            $this->shares(),
        ));
    }

    /** @return non-empty-list<array{int, int}> as fractions of the final figure */
    private function shares(): array
    {
        return match ($this) {
            self::Thirds => [[1, 3], [2, 3], [1, 1]],
            self::HalfThreeQuartersFull => [[1, 2], [3, 4], [1, 1]],
            self::HalfFull => [[1, 2], [1, 1]],
        };
    }

    /**
     * @param  float  $final  N·m
     * @param  float|null  $step  N·m; none: not rounded
     * @return non-empty-list<float> N·m, rising
     *
     * @throws ContradictoryFields at step, where it is so coarse that the stages do not rise
     */
    public function of(float $final, ?float $step): array
    {
        $stages = array_map(static function (array $share) use ($final, $step): float {
            $figure = $final * $share[0] / $share[1];

            return $step === null || $share[0] === $share[1] ? $figure : floor($figure / $step + 0.5 + 1e-9) * $step;
        }, $this->shares());
        $before = 0.0;
        foreach ($stages as $stage) {
            if ($step !== null && $stage <= $before + 1e-9) {
                throw ContradictoryFields::excluded('step', Dimension::Torque->written($step),
                    'Rounded to this step the stages do not rise.', 'a finer step');
            }
            $before = $stage;
        }

        return $stages;
    }
}
