<?php

namespace Moltrek\Core\Torquing;

/** A pull and what became of it. */
final readonly class Made
{
    public function __construct(public Pull $pull, public Outcome $outcome)
    {
    }
}
