<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\Step;

/** The parts of a build as they come and go: ordered, arrived, wrong, spent by a lift, put back where they ran. */
final class PartsBin
{
    /** @var array<string, PartOnOrder> parts that have not arrived */
    private array $onOrder = [];

    /** @var array<string, string> parts that are here and not fitted, and how they came */
    private array $here = [];

    /** @var array<string, string> parts that came and are not the right ones, and why */
    private array $wrong = [];

    /** @var array<string, SpentPart> one-use parts that were fitted and have come off again */
    private array $spent = [];

    /** @var array<string, PartBack> where parts that have a home went, by part */
    private array $back = [];

    /** @var array<string, PartOnOrder> bores that are out to be worked on, by cylinder */
    private array $away = [];

    /** It waits as for a part on order until it is back. */
    public function sendAway(string $cylinder, PartOnOrder $work): void
    {
        $this->away[$cylinder] = $work;
        $this->order($work);
    }

    public function comeBack(string $cylinder): void
    {
        unset($this->onOrder[$this->awayOf($cylinder)->part ?? ''], $this->away[$cylinder]);
    }

    public function awayOf(string $cylinder): ?PartOnOrder
    {
        return $this->away[$cylinder] ?? null;
    }

    public function order(PartOnOrder $ordered): void
    {
        $this->onOrder[$ordered->part] = $ordered;
        unset($this->wrong[$ordered->part], $this->here[$ordered->part]);
    }

    public function arrive(string $part, string $how): void
    {
        unset($this->onOrder[$part], $this->wrong[$part], $this->spent[$part]);
        $this->here[$part] = $how;
    }

    public function refuse(string $part, string $why): void
    {
        unset($this->onOrder[$part], $this->here[$part]);
        $this->wrong[$part] = $why;
    }

    public function putBack(PartBack $back): void
    {
        $this->back[$back->part] = $back;
    }

    /** @param  list<string>  $parts */
    public function fit(array $parts): void
    {
        foreach ($parts as $part) {
            unset($this->spent[$part], $this->here[$part]);
        }
    }

    /**
     * What was crushed or bent is spent when its slab comes off.
     *
     * @param  list<Step>  $done  the steps that stand
     */
    public function undo(Undone $undone, array $done): void
    {
        foreach ($undone->isLift() ? $done : [] as $step) {
            foreach ($undone->takesBack($step) ? $step->effect->parts : [] as $part) {
                $this->spent[$part] = new SpentPart($part, $undone->why,
                    array_values(array_intersect($step->effect->lostWith, $undone->lifted))[0] ?? '', $undone->by);
            }
        }
    }

    public function spend(SpentPart $part): void
    {
        $this->spent[$part->part] = $part;
        unset($this->here[$part->part]);
    }

    /** @return list<PartOnOrder> */
    public function onOrder(): array
    {
        return array_values($this->onOrder);
    }

    /** @return list<PartOnOrder> what was ordered to be bought, and not what is out to be worked on */
    public function bought(): array
    {
        return array_values(array_filter($this->onOrder, fn (PartOnOrder $part): bool => ! in_array($part, $this->away, true)));
    }

    public function isOnOrder(string $part): ?PartOnOrder
    {
        return $this->onOrder[$part] ?? null;
    }

    /** @return array<string, string> */
    public function here(): array
    {
        return $this->here;
    }

    /** @return array<string, string> parts that came and are not the right ones, and why */
    public function wrong(): array
    {
        return $this->wrong;
    }

    /** @return array<string, SpentPart> */
    public function spent(): array
    {
        return $this->spent;
    }

    /** Where a part that has a home went, if somebody said so. */
    public function backOf(string $part): ?PartBack
    {
        return $this->back[$part] ?? null;
    }

    /** The part a spot or step waits for. */
    public function heldUpBy(string $id): ?PartOnOrder
    {
        foreach ($this->onOrder as $part) {
            if ($part->holdsUp($id)) {
                return $part;
            }
        }

        return null;
    }

    /**
     * What a step lacks: parts on order for it, and parts that came wrong.
     *
     * @param  list<string>  $takes
     * @return array<string, string> by part, why
     */
    public function lacking(string $step, array $takes): array
    {
        $lacking = [];
        foreach ($this->onOrder as $part) {
            if ($part->holdsUp($step) || in_array($part->part, $takes, true)) {
                $lacking[$part->part] = 'It waits for '.lcfirst($part->part).'.';
            }
        }
        foreach ($this->wrong as $part => $why) {
            if (in_array($part, $takes, true)) {
                $lacking[$part] = $part.' came wrong: '.$why.'.';
            }
        }

        return $lacking;
    }
}
