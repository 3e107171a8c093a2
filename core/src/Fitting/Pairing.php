<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;

/**
 * Pistons to bores, so that the pair with the least margin has as much as can be had; then so that all lie as near the
 * middle of the clearance as can be; then in the order in which the pistons were named.
 * Margin = min(clearance − min, max − clearance). Source: selective assembly, as a bottleneck assignment.
 */
final readonly class Pairing
{
    /** A pair that leaves too little. */
    private const NEVER = [1, 0];

    /**
     * @param  list<array{bore: string, piston: string, clearance: Length, margin: Length}>  $pairs  in the order of the bores
     * @param  list<string>  $leftOver
     */
    private function __construct(public array $pairs, public Length $worstMargin, public array $leftOver)
    {
    }

    /**
     * @param  non-empty-array<string|int, Length>  $bores
     * @param  non-empty-array<string|int, Length>  $pistons  at least as many
     *
     * @throws ContradictoryFields
     */
    public static function best(array $bores, array $pistons, Length $min, Length $max): self
    {
        if (count($pistons) < count($bores)) {
            throw ContradictoryFields::excluded(
                'pistons',
                array_map(strval(...), array_keys($pistons)),
                'There are fewer pistons than bores.',
                'at least '.count($bores),
            );
        }
        $clearances = array_map(
            static fn (Length $bore): array => array_map(
                static fn (Length $piston): Length => $bore->minus($piston),
                array_values($pistons),
            ),
            array_values($bores),
        );
        $margins = array_map(
            static fn (array $row): array => array_map(
                static fn (Length $clearance): int|float => self::margin($clearance, $min, $max)->nanometres,
                $row,
            ),
            $clearances,
        );
        // twice the distance from the middle, so that it stays whole
        $fromMiddle = array_map(
            static fn (array $row): array => array_map(
                static fn (Length $clearance): int => (int) abs(2 * $clearance->nanometres - $min->nanometres - $max->nanometres),
                $row,
            ),
            $clearances,
        );
        $chosen = self::bestColumns($margins, $fromMiddle);

        return self::of($bores, $pistons, $min, $max, $chosen);
    }

    public static function margin(Length $clearance, Length $min, Length $max): Length
    {
        return Length::smallest($clearance->minus($min), $max->minus($clearance));
    }

    /**
     * The largest margin that every bore can have at once, by halving the list of margins; then the cheapest way with it.
     *
     * @param  list<list<int|float>>  $margins
     * @param  list<list<int>>  $costs
     * @return list<int>
     */
    private static function bestColumns(array $margins, array $costs): array
    {
        $levels = array_values(array_unique(array_merge(...$margins)));
        sort($levels);
        [$low, $high] = [0, count($levels) - 1];
        $best = null;
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            $allowed = array_map(static fn (array $row, array $cost): array => array_map(
                static fn (int|float $margin, int $each): array => $margin >= $levels[$middle] ? [0, $each] : self::NEVER,
                $row, $cost), $margins, $costs);
            $chosen = Assignment::earliest($allowed);
            $isNever = static fn (int $column, int $row): bool => $allowed[$row][$column] === self::NEVER;
            if (array_filter($chosen, $isNever, ARRAY_FILTER_USE_BOTH) !== []) {
                $high = $middle - 1;
            } else {
                $best = $chosen;
                $low = $middle + 1;
            }
        }

        return $best ?? array_keys($margins);
    }

    /**
     * @param  array<string|int, Length>  $bores
     * @param  array<string|int, Length>  $pistons
     * @param  list<int>  $chosen
     */
    private static function of(array $bores, array $pistons, Length $min, Length $max, array $chosen): self
    {
        $names = array_keys($pistons);
        $pairs = [];
        foreach (array_keys($bores) as $row => $bore) {
            $piston = $names[$chosen[$row]];
            $clearance = $bores[$bore]->minus($pistons[$piston]);
            $pairs[] = [
                'bore' => (string) $bore,
                'piston' => (string) $piston,
                'clearance' => $clearance,
                'margin' => self::margin($clearance, $min, $max),
            ];
        }
        $used = array_column($pairs, 'piston');

        return new self($pairs, Length::smallest(...array_column($pairs, 'margin')),
            array_values(array_filter(array_map(strval(...), $names), static fn (string $name): bool => ! in_array($name, $used, true))));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'pairs' => array_map(
                static fn (array $pair): array => [
                    'bore' => $pair['bore'],
                    'piston' => $pair['piston'],
                    'clearance' => $pair['clearance']->quantity(),
                    'margin' => $pair['margin']->quantity(),
                ],
                $this->pairs,
            ),
            'worst_margin' => $this->worstMargin->quantity(),
            'left_over' => $this->leftOver,
        ];
    }
}
