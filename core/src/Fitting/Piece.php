<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Quantity\Length;

/** A gasket, spacer or shim that can be had, and how often. */
final readonly class Piece
{
    public function __construct(public string $id, public Length $thickness, public int $count)
    {
    }
}
