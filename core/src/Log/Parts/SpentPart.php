<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Log\Entry;

/** A one-use part that was fitted and came off again: why, with which slab, and by which entry. */
final readonly class SpentPart
{
    public function __construct(public string $part, public string $why, public string $slab, public Entry $by)
    {
    }
}
