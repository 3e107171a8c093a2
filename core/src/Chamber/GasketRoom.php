<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Quantity\Length;

/** The room inside a head gasket: its opening, which is seldom the bore, and how thick it is in the state that counts. */
final readonly class GasketRoom
{
    public function __construct(public Length $opening, public Length $thickness)
    {
    }

    /** In cubic centimetres. */
    public function volume(): float
    {
        return Compression::disc($this->opening, $this->thickness);
    }

    /** How thick one of this opening is that holds so much; nothing where none does. */
    public function thicknessFor(float $volume): ?Length
    {
        $thickness = $volume / (M_PI / 4 * ($this->opening->nanometres / 1e7) ** 2) * 1e7;

        return $thickness > 0 ? Length::ofNanometres($thickness) : null;
    }
}
