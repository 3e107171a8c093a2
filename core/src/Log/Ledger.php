<?php

namespace Moltrek\Core\Log;

/** What was put in and must come out again, or was dropped and must be found; open until somebody says so. */
final readonly class Ledger
{
    /** @param  int  $height  how high the slab lies at which it is; what closes above it is stopped */
    public function __construct(public string $what, public bool $dropped, public int $height, public Entry $by)
    {
    }
}
