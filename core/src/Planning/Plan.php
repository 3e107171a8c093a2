<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\EngineSheet;

/** The whole job of one engine in the order of the trade, made from what the sheet says it is. */
final class Plan
{
    /**
     * @param  array<string, string>  $choices  school by matter
     * @return array<string, Step> by id, needs before what needs them
     */
    public static function of(EngineSheet $sheet, array $choices = []): array
    {
        $plan = new PlanBuilder($sheet, $choices);
        OpeningRules::write($plan);
        DecidingRules::write($plan);
        JoiningRules::write($plan);
        TopRules::write($plan);
        ClosingRules::write($plan);

        return $plan->finished();
    }
}
