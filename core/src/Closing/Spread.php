<?php

namespace Moltrek\Core\Closing;

/** How far the cylinders of an engine differ in their cranking compression. */
final class Spread
{
    /**
     * From the highest down to the lowest, as a share of the highest; nothing where no cylinder makes any.
     *
     * @param  non-empty-array<array-key, float>  $pressures
     */
    public static function of(array $pressures): float
    {
        return max($pressures) > 0 ? (max($pressures) - min($pressures)) / max($pressures) : 0.0;
    }
}
