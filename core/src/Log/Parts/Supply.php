<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Scheduling\OpenDays;
use Moltrek\Core\Sheet\StackPiece;

/**
 * Where the pieces of a decision come from: what lies there already, is here for the job or on order for it is not got twice; the
 * rest comes off the shelf as far as that goes, and is ordered beyond.
 */
final class Supply
{
    /**
     * @param  array<string, LaidPieces>  $joints  what is to lie there, by slab
     * @param  array<string, int>  $shelf  how many lie on the shop’s shelf, by part
     * @return list<Supplied>
     */
    public static function of(BuildState $state, array $joints, array $shelf, Day $today, OpenDays $open): array
    {
        $has = array_fill_keys([...array_keys($state->parts->here()), ...array_column($state->parts->onOrder(), 'part')], true);
        $supplied = [];
        foreach ($joints as $slab => $pieces) {
            if ($pieces->names() === $state->thicknesses->at((string) $slab)->names()) {
                continue;
            }
            foreach ($pieces->pieces as $piece) {
                if (isset($has[$piece->name])) {
                    unset($has[$piece->name]);
                } elseif (($shelf[$piece->name] ?? 0) > 0) {
                    $shelf[$piece->name]--;
                    $supplied[] = Supplied::offTheShelf($piece->name, (string) $slab);
                } else {
                    $stated = array_values(array_filter($state->sheet->pieces->at((string) $slab),
                        static fn (StackPiece $each): bool => $each->name === $piece->name))[0] ?? null;
                    $supplied[] = Supplied::onOrder($piece->name, (string) $slab, self::here($stated, $today, $open));
                }
            }
        }

        return $supplied;
    }

    /** The day on which a piece is here if it is ordered today, by the open days of its way; null where its maker does not say. */
    public static function here(?StackPiece $piece, Day $today, OpenDays $open): ?Day
    {
        return $piece?->days === null ? null : $open->later($today, $piece->days);
    }
}
