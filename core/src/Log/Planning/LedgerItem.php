<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\Entry;

/** What was put in and must come out again, or was dropped and must be found; open until somebody says so. */
final readonly class LedgerItem
{
    /** @param  string  $slab  where it is; what closes over that is stopped */
    public function __construct(public string $what, public bool $dropped, public string $slab, public Entry $by)
    {
    }

    public function why(): string
    {
        return ucfirst($this->what).($this->dropped ? ' was dropped and is not found.' : ' is still in.');
    }
}
