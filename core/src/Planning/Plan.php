<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\ValveGear;
use WeakMap;

/** The whole job of one engine in the order of the trade, composed from what the sheet says it is and what the job is for. */
final class Plan
{
    /** @var WeakMap<EngineSheet, array<string, true>>|null the steps that some errand of a sheet has */
    private static ?WeakMap $ids = null;

    /** @return array<string, Step> by id, needs before what needs them */
    public static function of(EngineSheet $sheet, Basis $basis = new Basis): array
    {
        return self::written($sheet, $basis)->finished(static fn (string $id): bool => isset(self::idsOf($sheet)[$id]));
    }

    private static function written(EngineSheet $sheet, Basis $basis): PlanBuilder
    {
        $plan = new PlanBuilder(new Scope($sheet, $basis->errands, $basis->shims), $basis);
        TeardownRules::write($plan);
        BenchRules::write($plan);
        ExhaustValveRules::write($plan);
        JoiningRules::write($plan);
        // stems in a block are ground before the gasket is laid over it
        $isSide = $sheet->valveTrain->gear === ValveGear::Side;
        foreach ($isSide ? [ValveRules::write(...), HeadRules::write(...)] : [HeadRules::write(...), ValveRules::write(...)] as $write) {
            $write($plan);
        }
        SlabRules::write($plan);
        ClosingRules::write($plan);

        return $plan;
    }

    /** @return array<string, true> every step that an errand or a decision could bring on this engine */
    private static function idsOf(EngineSheet $sheet): array
    {
        self::$ids ??= new WeakMap;
        if (! isset(self::$ids[$sheet])) {
            $ids = [];
            $bores = array_column($sheet->layout->cylinders, 'id');
            $errands = array_values(array_filter(Errand::on($sheet), static fn (Errand $errand): bool => $errand !== Errand::PutTogether));
            foreach ([$errands, [Errand::PutTogether]] as $together) {
                foreach ([BoreJob::Hone, BoreJob::Rebore] as $job) {
                    $ids += self::written($sheet, new Basis($together, bores: array_fill_keys($bores, $job)))->ids();
                }
            }
            self::$ids[$sheet] = $ids;
        }

        return self::$ids[$sheet];
    }
}
