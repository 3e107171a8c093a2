<?php

namespace Moltrek\Core\Log;

/** A reading that stays to be read, and the act after which it no longer holds. */
final readonly class StaleReading
{
    public function __construct(public Entry $reading, public Entry $by)
    {
    }
}
