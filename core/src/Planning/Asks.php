<?php

namespace Moltrek\Core\Planning;

/** What a step asks of people: questions of a hold, readings of a measure, a second pair of eyes. */
final readonly class Asks
{
    /**
     * @param  list<string>  $items  for a hold: what must be true
     * @param  SpotsOf|null  $readings  for a measure: the readings it stands for
     * @param  bool  $asFound  whether they are read as the machine came in, before anything is taken off
     * @param  string|null  $since  readings count only if they were taken after this step
     * @param  bool  $nothingOwed  whether it is the last look: nothing may be owed its torque
     */
    public function __construct(
        public array $items = [],
        public bool $secondPerson = false,
        public ?SpotsOf $readings = null,
        public bool $asFound = false,
        public bool $nothingOwed = false,
        public ?string $since = null,
    ) {
    }

    public function also(string $item): self
    {
        return new self([...$this->items, $item], $this->secondPerson, $this->readings, $this->asFound, $this->nothingOwed, $this->since);
    }
}
