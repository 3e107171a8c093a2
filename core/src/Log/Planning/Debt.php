<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\Entry;

/** A fastener left snug, owed its torque for a reason, until something releases it. */
final readonly class Debt
{
    public function __construct(public string $what, public string $reason, public string $release, public Entry $by)
    {
    }
}
