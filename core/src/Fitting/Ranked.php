<?php

namespace Moltrek\Core\Fitting;

use Closure;

/** The best few of many, kept in order while they come by. */
final class Ranked
{
    /** @var list<Layers> the best first */
    private array $kept = [];

    /** @param  Closure(Layers, Layers): int  $order  negative where the first is the better one */
    public function __construct(private readonly int $most, private readonly Closure $order)
    {
    }

    public function take(Layers $layers): void
    {
        $place = count($this->kept);
        while ($place > 0 && ($this->order)($layers, $this->kept[$place - 1]) < 0) {
            $place--;
        }
        if ($place < $this->most) {
            array_splice($this->kept, $place, 0, [$layers]);
            $this->kept = array_slice($this->kept, 0, $this->most);
        }
    }

    public function isEmpty(): bool
    {
        return $this->kept === [];
    }

    /** @return list<Layers> */
    public function all(): array
    {
        return $this->kept;
    }
}
