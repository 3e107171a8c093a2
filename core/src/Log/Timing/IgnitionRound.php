<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Timing\IgnitionRead;

/** One reading of the trail by which an ignition point closes in. */
final readonly class IgnitionRound
{
    /** @param  string|null  $staleBecause  what made it untrue since */
    public function __construct(
        public Entry $entry,
        public IgnitionPointRead $said,
        public IgnitionRead $read,
        public ?string $staleBecause = null,
    ) {
    }

    public function noMoreBecause(string $why): self
    {
        return new self($this->entry, $this->said, $this->read, $this->staleBecause ?? $why);
    }

    /** Whether it lay inside, and is only to be read again because something was done since. */
    public function wasInside(): bool
    {
        return $this->staleBecause !== null && in_array($this->read->verdict->state, [State::Within, State::Worn], true);
    }

    /** Whether it stands and lies inside, its doubt included. */
    public function isInside(): bool
    {
        return $this->staleBecause === null && ! $this->said->isAgainst
            && in_array($this->read->verdict->state, [State::Within, State::Worn, State::Unknown], true);
    }
}
