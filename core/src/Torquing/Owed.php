<?php

namespace Moltrek\Core\Torquing;

/** A fastener that the run has passed by: why, what releases it, and whether it is to be brought up to the others at once. */
final readonly class Owed
{
    public function __construct(public string $bolt, public string $reason, public string $release, public bool $isNow)
    {
    }
}
