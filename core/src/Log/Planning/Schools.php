<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\School;

/** By whose school things are done: chosen on this build, else the sheet's own, else the shop's habit. */
final class Schools
{
    /** @var array<string, SchoolChosen> by matter */
    private array $chosen = [];

    /** @var array<string, string> the shop's habits when the job was opened, by matter */
    private array $habits = [];

    public function __construct(private readonly EngineSheet $sheet)
    {
    }

    /** @param  array<string, string>  $habits */
    public function takeOver(array $habits): void
    {
        $this->habits = $habits;
    }

    public function choose(SchoolChosen $chosen): void
    {
        $this->chosen[$chosen->matter] = $chosen;
    }

    public function chosen(string $matter): ?SchoolChosen
    {
        return $this->chosen[$matter] ?? null;
    }

    /**
     * The school that a matter is done by here, and whose it is.
     *
     * @return array{string, 'chosen'|'sheet'|'shop'|'usual'}
     */
    public function of(School $matter): array
    {
        $name = $matter->matter;
        $ofSheet = $this->sheet->work->schools;

        return match (true) {
            isset($this->chosen[$name]) => [$this->chosen[$name]->school, 'chosen'],
            isset($ofSheet[$name]) => [$ofSheet[$name], 'sheet'],
            isset($this->habits[$name]) => [$this->habits[$name], 'shop'],
            default => [$matter->default(), 'usual'],
        };
    }

    /** @return array<string, string> the schools that differ from what is usual, by matter */
    public function all(): array
    {
        $chosen = array_map(static fn (SchoolChosen $chosen): string => $chosen->school, $this->chosen);

        return $chosen + $this->sheet->work->schools + $this->habits;
    }
}
