<?php

namespace Moltrek\Core\Torquing;

/** The one fastener that is to be pulled now, in its pass; of an angle that was interrupted, what it has been turned already. */
final readonly class Due
{
    public function __construct(public int $pass, public string $bolt, public float $turned = 0.0)
    {
    }
}
