<?php

namespace Moltrek\Core\Log;

/** The parts of a build as they come and go: ordered, arrived, wrong, spent by a lift. */
final class PartsBin
{
    /** @var array<string, PartOnOrder> parts that have not arrived */
    public array $onOrder = [];

    /** @var array<string, string> parts that are here and not fitted, and how they came */
    public array $here = [];

    /** @var array<string, string> parts that came and are not the right ones, and why */
    public array $wrong = [];

    /** @var array<string, string> one-use parts that were fitted and have come off again, and why */
    public array $spent = [];

    public function order(Entry $entry): void
    {
        $for = $entry->payload->for ?? null;
        $part = $entry->text('part');
        $promised = $entry->text('promised');
        $this->onOrder[$part] = new PartOnOrder($part, $promised === '' ? null : $promised, is_array($for) ? array_values(array_filter($for, is_string(...))) : []);
        unset($this->wrong[$part], $this->here[$part]);
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

    /** @param  list<string>  $parts */
    public function fit(array $parts): void
    {
        foreach ($parts as $part) {
            unset($this->spent[$part], $this->here[$part]);
        }
    }

    /** @param  list<string>  $parts */
    public function spend(array $parts, string $why): void
    {
        foreach ($parts as $part) {
            $this->spent[$part] = $why;
        }
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
