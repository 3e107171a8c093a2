<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Quantity\Length;

/** One thing about this engine that is judged: a clearance, a gap. Without readings it has no verdict, only its limits. */
final readonly class Assessment
{
    /**
     * @param  list<Interval>  $intervals  what the ruler draws
     * @param  list<Trial>  $trials
     */
    public function __construct(
        public Subject $subject,
        public ?Verdict $verdict = null,
        public ?string $figure = null,
        public ?Length $doubt = null,
        public array $intervals = [],
        public ?Filing $filing = null,
        public array $trials = [],
        public Caveats $caveats = new Caveats,
    ) {
    }

    /** The same, said that nobody knows how far a reading of it may be out, where no tool is named. */
    public function with(bool $unknownDoubt): self
    {
        return ! $unknownDoubt ? $this : new self(
            $this->subject, $this->verdict?->remarking('No tool is named: how far it may be out is unknown.'),
            $this->figure, null, $this->intervals, $this->filing, $this->trials, new Caveats(true, $this->caveats->question),
        );
    }

    /** The same, with something to be asked about by name. */
    public function questioned(?string $question): self
    {
        return $question === null ? $this : new self($this->subject, $this->verdict, $this->figure, $this->doubt, $this->intervals,
            $this->filing, $this->trials, new Caveats($this->caveats->doubtIsUnknown, $question));
    }

    /** Whether nothing closes over it unless somebody takes it upon himself by name. */
    public function asksForAName(): bool
    {
        return $this->verdict?->state->asksForAName() === true || $this->caveats->question !== null;
    }

    /** The spot that decides it: of several readings the last. */
    public function lastSpot(): string
    {
        return $this->subject->spots[count($this->subject->spots) - 1];
    }
}
