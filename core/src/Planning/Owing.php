<?php

namespace Moltrek\Core\Planning;

/** What a step leaves snug: which fastener is owed its torque, why, and the step that it must be paid before. */
final readonly class Owing
{
    public function __construct(public string $what, public string $reason, public string $release)
    {
    }
}
