<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Measuring\Spot;

/** Which of an engine's measuring places a step stands for: one place, or groups of them, of one cylinder or of all. */
final readonly class SpotsOf
{
    /**
     * @param  list<string>  $groups
     * @param  list<string>  $except  quantities that are read elsewhere
     */
    private function __construct(
        private ?string $spot,
        private array $groups = [],
        private ?string $cylinder = null,
        private array $except = [],
    ) {
    }

    public static function place(string $spot): self
    {
        return new self($spot);
    }

    /** Piston, bore and rings of one cylinder. */
    public static function barrel(string $cylinder): self
    {
        return new self(null, ['piston', 'bore', 'rings'], $cylinder);
    }

    public static function head(): self
    {
        return new self(null, ['head', 'valves']);
    }

    /** Lobes and journals; the clearances are set, not read with them. */
    public static function cam(): self
    {
        return new self(null, ['cam'], null, ['valve_lash']);
    }

    public function has(Spot $spot): bool
    {
        return $this->spot !== null ? $spot->id === $this->spot : $this->isOfGroup($spot);
    }

    private function isOfGroup(Spot $spot): bool
    {
        return in_array($spot->measurable->laid->group, $this->groups, true)
            && ($this->cylinder === null || $spot->isOf($this->cylinder))
            && ! in_array($spot->measurable->key, $this->except, true);
    }
}
