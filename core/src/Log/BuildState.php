<?php

namespace Moltrek\Core\Log;

use DateTimeImmutable;
use Moltrek\Core\Log\Chamber\Thicknesses;
use Moltrek\Core\Log\Closing\Closing;
use Moltrek\Core\Log\Closing\Proofs;
use Moltrek\Core\Log\Closing\RunningIn;
use Moltrek\Core\Log\Closing\Trials;
use Moltrek\Core\Log\Fitting\Decisions;
use Moltrek\Core\Log\Fitting\Marks;
use Moltrek\Core\Log\Fitting\Verdicts;
use Moltrek\Core\Log\Measuring\Readings;
use Moltrek\Core\Log\Parts\PartsBin;
use Moltrek\Core\Log\Planning\Brief;
use Moltrek\Core\Log\Planning\Foreman;
use Moltrek\Core\Log\Planning\Ledger;
use Moltrek\Core\Log\Planning\Schools;
use Moltrek\Core\Log\Planning\Slabs;
use Moltrek\Core\Log\Planning\Waits;
use Moltrek\Core\Log\Planning\Work;
use Moltrek\Core\Log\Timing\Timings;
use Moltrek\Core\Log\Torquing\Runs;
use Moltrek\Core\Log\ValveGear\Clearances;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\NextMove;
use Moltrek\Core\Planning\Scope;
use Moltrek\Core\Sheet\EngineSheet;

/** What a build is at the end of its log, chapter by chapter. Everything here is derived; asking twice gives the same. */
final readonly class BuildState
{
    public Readings $readings;

    public Verdicts $verdicts;

    public Decisions $decisions;

    public Marks $marks;

    public Schools $schools;

    public Work $work;

    public Slabs $slabs;

    public Waits $waits;

    public Brief $brief;

    public Ledger $ledger;

    public PartsBin $parts;

    public Closing $closing;

    public Runs $runs;

    public Thicknesses $thicknesses;

    public Timings $timings;

    public Clearances $clearances;

    public Proofs $proofs;

    public RunningIn $runIn;

    public Trials $trials;

    /**
     * @param  array<string, Spot>  $spots
     * @param  list<Entry>  $entries  in the order they happened
     * @param  array<string, Entry>  $struck  the striking entry, by the id of the struck one
     */
    public function __construct(
        public EngineSheet $sheet,
        public array $spots,
        public array $entries,
        public array $struck,
        private Totals $totals,
        public DateTimeImmutable $now,
        private Basis $given,
    ) {
        $this->readings = $totals->readings;
        $this->decisions = $totals->decisions;
        $this->marks = $totals->marks;
        $this->schools = $totals->schools;
        $this->slabs = $totals->slabs;
        $this->waits = $totals->waits;
        $this->brief = $totals->brief;
        $this->ledger = $totals->ledger;
        $this->parts = $totals->parts;
        $this->closing = $totals->closing;
        $this->runs = $totals->runs;
        $this->thicknesses = $totals->thicknesses;
        $this->timings = $totals->timings;
        $this->clearances = $totals->clearances;
        $this->proofs = $totals->proofs;
        $this->runIn = $totals->runIn;
        $this->trials = $totals->trials;
        $this->verdicts = new Verdicts($sheet, $spots, $totals->readings, $totals->decisions);
        $this->work = new Work($totals, $spots, $this->verdicts, $now);
    }

    /** The same log folded anew, to try something on. */
    public function again(): Totals
    {
        return Build::fold($this->sheet, $this->spots, $this->entries, $this->struck, $this->given);
    }

    /** This build with other totals. */
    public function with(Totals $totals): self
    {
        return new self($this->sheet, $this->spots, $this->entries, $this->struck, $totals, $this->now, $this->given);
    }

    /** From what its order of work is composed. */
    public function basis(): Basis
    {
        return $this->totals->basis();
    }

    /** What the job opens. */
    public function scope(): Scope
    {
        return new Scope($this->sheet, $this->brief->errands());
    }

    public function nextMove(): NextMove
    {
        return (new Foreman($this))->nextMove();
    }
}
