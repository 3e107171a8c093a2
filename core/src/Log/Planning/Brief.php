<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Mishap;
use Moltrek\Core\Sheet\OwnStep;

/** What the job is for, what of the plan does not apply here, and which steps somebody added. */
final class Brief
{
    /** @var list<Errand> */
    private array $errands = [Errand::TopEnd];

    /** @var array<string, Entry> by step */
    private array $aside = [];

    /** @var array<string, OwnStep> by id */
    private array $own = [];

    /** @var list<Mishap> */
    private array $mishaps = [];

    /** @param  list<Errand>  $errands */
    public function isFor(array $errands): void
    {
        $this->errands = $errands;
    }

    public function add(OwnStep $step): void
    {
        $this->own[$step->id] = $step;
    }

    public function befell(Mishap $mishap): void
    {
        $this->mishaps[] = $mishap;
    }

    /** @return list<Mishap> in the order they happened */
    public function mishaps(): array
    {
        return $this->mishaps;
    }

    public function putAside(string $step, Entry $by): void
    {
        $this->aside[$step] = $by;
    }

    public function takeUp(string $step): void
    {
        unset($this->aside[$step]);
    }

    /** @return list<Errand> */
    public function errands(): array
    {
        return $this->errands;
    }

    /** @return list<OwnStep> */
    public function own(): array
    {
        return array_values($this->own);
    }

    /** Who said that a step does not apply here. */
    public function asideBy(string $step): ?Entry
    {
        return $this->aside[$step] ?? null;
    }

    /** @return array<string, Entry> by step */
    public function aside(): array
    {
        return $this->aside;
    }
}
