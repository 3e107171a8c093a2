<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Quantity\Length;

/** Pieces that can be put together, and where what is measured would come to lie with them. */
final readonly class ThicknessChoice
{
    /** @param  list<string>  $pieces  ids, in the order of the shelf */
    public function __construct(public array $pieces, public Length $thickness, public Length $low, public Length $high)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'pieces' => $this->pieces,
            'thickness' => $this->thickness->quantity(),
            'value' => ['low' => $this->low->quantity(), 'high' => $this->high->quantity()],
        ];
    }
}
