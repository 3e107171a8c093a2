<?php

namespace Moltrek\Core\Measuring;

use DateTimeImmutable;

/** One of several readings of one place, in base steps of its dimension. */
final readonly class RepeatReading
{
    /** @param  bool  $again  said to be a repeat of the one before, however much later */
    public function __construct(public DateTimeImmutable $at, public int|float $value, public bool $again = false)
    {
    }
}
