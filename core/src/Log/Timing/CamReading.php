<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Log\Entry;
use Moltrek\Core\Timing\CamMarkRead;

/** How a cam’s marks stood, and what made that untrue since. */
final readonly class CamReading
{
    public function __construct(
        public Entry $entry,
        public CamMarkRead $read,
        public bool $isAfterTurns,
        public ?string $staleBecause = null,
    ) {
    }

    public function noMoreBecause(string $why): self
    {
        return new self($this->entry, $this->read, $this->isAfterTurns, $this->staleBecause ?? $why);
    }

    public function stands(): bool
    {
        return $this->staleBecause === null;
    }
}
