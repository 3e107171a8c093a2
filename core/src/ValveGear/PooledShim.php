<?php

namespace Moltrek\Core\ValveGear;

/** A shim that can be had without buying: out of a valve that is changed, or from the shelf. In nanometres. */
final readonly class PooledShim
{
    /** @param  string|null  $whose  the valve it comes out of; null from the shelf */
    public function __construct(public int|float $size, public ?string $whose = null)
    {
    }
}
