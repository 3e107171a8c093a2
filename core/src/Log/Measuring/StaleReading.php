<?php

namespace Moltrek\Core\Log\Measuring;

use Moltrek\Core\Log\Entry;

/** A reading that stays to be read, and the entry after which it no longer holds. */
final readonly class StaleReading
{
    /** @param  string  $why  "bore honed", "lifted: head" */
    public function __construct(public Entry $reading, public Entry $by, public string $why)
    {
    }
}
