<?php

namespace Moltrek\Core\Log\Torquing;

use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Torquing\Programme;
use Moltrek\Core\Torquing\Run;

/** What is said of a run that has begun, by the id of the entry that began it. */
trait OfRun
{
    /** @throws MalformedDocument at run, where no such run was begun on this job */
    private function programmeOf(Before $before): Programme
    {
        $begun = $before->entry($this->run)?->said;

        return $begun instanceof RunStarted ? $begun->programme
            : throw MalformedDocument::wrongSort($this->run, 'the id of the entry that began the run')->under('run');
    }

    /** @throws MalformedDocument at bolt */
    private function refuseOtherBolt(Programme $programme, string $bolt): void
    {
        if (! isset($programme->bolts[$bolt])) {
            throw MalformedDocument::wrongSort($bolt, 'one of '.implode(', ', array_keys($programme->bolts)))->under('bolt');
        }
    }

    /** @throws MalformedDocument at stage; stages count from 1 */
    private function refuseOtherStage(Programme $programme, int $stage): void
    {
        if ($programme->pass($stage - 1) === null) {
            throw MalformedDocument::wrongSort($stage, 'a whole number from 1 to '.count($programme->passes))->under('stage');
        }
    }

    /** @param  callable(Run): mixed  $change */
    private function change(Totals $totals, Entry $entry, callable $change): void
    {
        $run = $totals->runs->named($this->run);
        if ($run !== null) {
            $wasComplete = $run->isComplete();
            $change($run);
            $totals->pulled($run, $wasComplete, $entry);
        }
    }

    private function jointIn(BuildState $state): string
    {
        $run = $state->runs->named($this->run);

        return $run === null ? 'a joint' : lcfirst($run->programme->groups[0]->name);
    }
}
