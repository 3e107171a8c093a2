<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Planning\StepName;
use Moltrek\Core\Sheet\FluidKind;

/** The steps of the order of work that entries of the closing answer, by the vocabulary of plans. */
final class ClosingSteps
{
    /** The page of the closing bench that a step is about; null for any other step. */
    public static function subject(string $step): ?string
    {
        return match (true) {
            in_array($step, array_map(static fn (FluidKind $fluid): string => $fluid->step(), FluidKind::cases()), true) => '',
            $step === Proofs::LEAK, $step === Proofs::LEAK_DOWN, StepName::of($step)->is('read', 'compression') => 'tests',
            $step === FirstStart::STEP, $step === RunningIn::HEAT => 'start',
            $step === RunningIn::SHEET => 'run-in',
            default => null,
        };
    }
}
