<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Sheet\Reached;
use Moltrek\Core\Sheet\StatedStage;

/** What stays visible of a joint once it is pulled: felt, snug, past a stage, replaced, in doubt, with a wrench past its check. */
final readonly class Remarks
{
    /**
     * @param  array<int, array<string, Pull>>  $done  what counts, by pass and fastener
     * @param  array<string, string>  $replaced  why, by fastener
     * @return list<string>
     */
    public static function on(Programme $programme, array $done, array $replaced): array
    {
        $felt = $overdue = $past = $doubtful = [];
        foreach ($done as $index => $pulls) {
            $pass = $programme->passes[$index];
            foreach ($pulls as $pull) {
                $verdict = PullVerdict::of($programme, $pull, 0.0);
                $given = $verdict->given($pass);
                $felt += $pull->said->isFelt ? [$pull->bolt => $pull->bolt] : [];
                $overdue += $pull->with?->isOverdue === true ? [$pull->with->wrench => $pull->with->wrench] : [];
                if ($verdict->outcome === Outcome::Past) {
                    $past[] = $pull->bolt.' went past stage '.($index + 1).($given === '' ? '' : " ($given)");
                }
                if ($verdict->outcome === Outcome::InDoubt) {
                    $doubtful[self::inDoubt($given, $pass)][$pull->bolt] = $pull->bolt;
                }
            }
        }
        $snug = array_filter($programme->bolts, static fn (Fastener $bolt): bool => self::isSnugOnly($programme, $bolt));

        return [
            ...$felt === [] ? [] : [implode(', ', $felt).' felt, not torqued'],
            ...$snug === [] ? [] : [implode(', ', array_keys($snug)).' snug, no figure'],
            ...$past,
            ...array_map(static fn (string $bolt, string $why): string => "$bolt replaced: $why", array_keys($replaced), $replaced),
            ...array_map(static fn (string $what, array $bolts): string => implode(', ', $bolts).": $what",
                array_keys($doubtful), $doubtful),
            ...$overdue === [] ? [] : ['pulled with '.implode(', ', $overdue).', past its check'],
        ];
    }

    private static function inDoubt(string $given, Pass $pass): string
    {
        [$least, $most] = $pass->target?->ends() ?? [0.0, 0.0];

        return "$given is not surely within ".$pass->written($least).' to '.$pass->written($most);
    }

    private static function isSnugOnly(Programme $programme, Fastener $bolt): bool
    {
        $isFigured = static fn (Pass $pass): bool => $pass->target !== null || $pass->stage->how === StatedStage::ONE_BY_ONE;
        $passes = array_filter($programme->passes, static fn (Pass $pass): bool => in_array($bolt->id, $pass->order, true));

        return $bolt->reached !== Reached::Feel && array_filter($passes, $isFigured) === [];
    }
}
