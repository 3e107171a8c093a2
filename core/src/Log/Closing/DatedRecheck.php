<?php

namespace Moltrek\Core\Log\Closing;

use DateInterval;
use DateTimeImmutable;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Sheet\Recheck;

/** Something that is looked at again after hand-over, by whom it was asked and whether it was done. */
final readonly class DatedRecheck
{
    public function __construct(
        public string $id,
        public Recheck $recheck,
        public Entry $asked,
        public ?Entry $done,
        private float $hoursPerWeek,
    ) {
    }

    /** The day on which it is due, counted from the day the machine went out; nothing where that has not been yet. */
    public function due(?Entry $handedOver): ?DateTimeImmutable
    {
        return $handedOver?->at->add(new DateInterval('P'.$this->recheck->dueIn($this->hoursPerWeek).'D'));
    }
}
