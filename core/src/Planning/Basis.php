<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Sheet\OwnStep;
use Moltrek\Core\Sheet\Worked;

/** From what, beside the sheet, an order of work is composed: errands, schools, decisions, steps of the job's own. */
final readonly class Basis
{
    /**
     * @param  list<Errand>  $errands
     * @param  array<string, string>  $schools  by matter
     * @param  array<string, BoreJob>  $bores  what was decided, by cylinder; keep where nothing was
     * @param  list<OwnStep>  $own  steps that somebody added on this job
     * @param  ShimWork  $shims  what is settled of them
     * @param  list<Mishap>  $mishaps  what befell a cylinder, in the order it happened
     */
    public function __construct(
        public array $errands = [Errand::TopEnd],
        public array $schools = [],
        public array $bores = [],
        public array $own = [],
        public ShimWork $shims = new ShimWork,
        public array $mishaps = [],
    ) {
    }

    public function boreJob(string $cylinder): BoreJob
    {
        return $this->bores[$cylinder] ?? BoreJob::Keep;
    }

    public function worked(): Worked
    {
        return Worked::tryFrom($this->schools['worked'] ?? '') ?? Worked::Bench;
    }
}
