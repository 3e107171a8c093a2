<?php

namespace Moltrek\Core\Log\Planning;

use DateTimeImmutable;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Sheet\SheetWait;

/** A wait that has begun: it runs by the clock, and some end only when a person has seen that they are over. */
final readonly class RunningWait
{
    public function __construct(public SheetWait $wait, public DateTimeImmutable $since, public ?Entry $seen)
    {
    }

    /** Whether it is one with another: begun at once, and over when the same is seen. */
    public function isOneWith(self $other): bool
    {
        return $this->since == $other->since && $this->wait->isOneWith($other->wait);
    }

    public function due(): DateTimeImmutable
    {
        return $this->since->modify('+'.$this->wait->seconds.' seconds');
    }

    public function isOver(DateTimeImmutable $now): bool
    {
        return $this->seen !== null || ($this->wait->seen === null && $now >= $this->due());
    }
}
