<?php

namespace Moltrek\Core\Measuring;

use Closure;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;

/** Where a quantity belongs: the part of the engine, the kind of place on it, the group it is laid out with. */
final readonly class Laid
{
    /** @param  (Closure(EngineSheet): bool)|null  $on  engines that have it; null for all */
    public function __construct(public string $group, public SlabKind $slab, public Place $place, private ?Closure $on = null)
    {
    }

    public function isOn(EngineSheet $sheet): bool
    {
        return $this->on === null || ($this->on)($sheet);
    }
}
