<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Measuring\Spot;

/** Which of an engine's measuring places a step stands for: one place, or groups of them, of one cylinder or of all. */
final readonly class SpotsOf
{
    /**
     * @param  list<string>  $groups
     * @param  list<string>|null  $cylinders  null for those of all and of none
     * @param  list<string>  $except  quantities that are read elsewhere
     */
    private function __construct(
        private ?string $spot,
        private array $groups = [],
        private ?array $cylinders = null,
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
        return new self(null, ['piston', 'bore', 'rings'], [$cylinder]);
    }

    /** @param  list<string>  $cylinders */
    public static function head(array $cylinders): self
    {
        return new self(null, ['head', 'valves'], $cylinders);
    }

    /**
     * Lobes and journals; the clearances are set, not read with them.
     *
     * @param  list<string>  $cylinders
     */
    public static function cam(array $cylinders): self
    {
        return new self(null, ['cam'], $cylinders, ['valve_lash']);
    }

    public static function crank(): self
    {
        return new self(null, ['crank']);
    }

    public function has(Spot $spot): bool
    {
        return $this->spot !== null ? $spot->id === $this->spot : $this->isOfGroup($spot);
    }

    private function isOfGroup(Spot $spot): bool
    {
        return in_array($spot->measurable->laid->group, $this->groups, true)
            && ($this->cylinders === null || $spot->at->cylinder === null || in_array($spot->at->cylinder->id, $this->cylinders, true))
            && ! in_array($spot->measurable->key, $this->except, true);
    }
}
