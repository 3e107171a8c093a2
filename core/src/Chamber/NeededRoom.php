<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Quantity\Length;

/** What a ratio asks for, each with all else the same: cubic centimetres, and the thickness of a head gasket if one does it. */
final readonly class NeededRoom
{
    public function __construct(public float $clearance, public float $chamber, public ?Length $thickness)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'clearance' => ['value' => $this->clearance, 'unit' => 'cm3'],
            'chamber' => ['value' => $this->chamber, 'unit' => 'cm3'],
            'thickness' => $this->thickness?->quantity(),
        ];
    }
}
