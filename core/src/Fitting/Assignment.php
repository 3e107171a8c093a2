<?php

namespace Moltrek\Core\Fitting;

/**
 * Rows to columns, each column at most once, so that the costs sum up to the least; among equally cheap ways the one whose
 * first row has the earliest column, then its second, and so on. Costs are whole numbers; null forbids a pair.
 *
 * Source: the Hungarian method with potentials (Kuhn 1955, Munkres 1957), O(n³). With the potentials found, every cheapest
 * way uses only pairs whose cost equals the sum of their potentials; the earliest of those is picked by augmenting paths.
 */
final class Assignment
{
    private const FORBIDDEN = 1 << 52;

    /** @var array<int, int> potential of each row */
    private array $rows;

    /** @var array<int, int> potential of each column */
    private array $columns;

    /** @var array<int, int> row of each column, −1 for none */
    private array $rowOf;

    private int $size;

    /** @param  list<list<int|null>>  $costs  square */
    private function __construct(private array $costs)
    {
        $this->size = count($costs);
        $this->rows = array_fill(0, $this->size + 1, 0);
        $this->columns = array_fill(0, $this->size + 1, 0);
        $this->rowOf = array_fill(0, $this->size + 1, -1);
    }

    /**
     * @param  list<list<int|null>>  $costs  rows of equal length, no more rows than columns
     * @return list<int>|null the column of each row; null when there is no way at all
     */
    public static function cheapest(array $costs): ?array
    {
        $wanted = count($costs);
        $columns = count($costs[0] ?? []);
        while (count($costs) < $columns) {
            $costs[] = array_fill(0, $columns, 0);
        }
        $assignment = new self($costs);
        $assignment->solve();
        $chosen = array_slice($assignment->earliest(), 0, $wanted);
        foreach ($chosen as $row => $column) {
            if ($costs[$row][$column] === null) {
                return null;
            }
        }

        return $chosen;
    }

    private function cost(int $row, int $column): int
    {
        return $this->costs[$row][$column] ?? self::FORBIDDEN;
    }

    private function solve(): void
    {
        $none = $this->size;
        for ($row = 0; $row < $this->size; $row++) {
            $this->rowOf[$none] = $row;
            $at = $none;
            $slack = array_fill(0, $this->size, PHP_INT_MAX);
            $from = array_fill(0, $this->size, $none);
            $used = array_fill(0, $this->size + 1, false);
            do {
                $used[$at] = true;
                $of = $this->rowOf[$at];
                $least = PHP_INT_MAX;
                $next = $none;
                for ($column = 0; $column < $this->size; $column++) {
                    if ($used[$column]) {
                        continue;
                    }
                    $reduced = $this->cost($of, $column) - $this->rows[$of] - $this->columns[$column];
                    if ($reduced < $slack[$column]) {
                        $slack[$column] = $reduced;
                        $from[$column] = $at;
                    }
                    if ($slack[$column] < $least) {
                        $least = $slack[$column];
                        $next = $column;
                    }
                }
                for ($column = 0; $column <= $this->size; $column++) {
                    if ($used[$column]) {
                        $this->rows[$this->rowOf[$column]] += $least;
                        $this->columns[$column] -= $least;
                    } elseif ($column < $this->size) {
                        $slack[$column] -= $least;
                    }
                }
                $at = $next;
            } while ($this->rowOf[$at] !== -1);
            while ($at !== $none) {
                $before = $from[$at];
                $this->rowOf[$at] = $this->rowOf[$before];
                $at = $before;
            }
        }
    }

    /** @return list<int> the column of each row */
    private function earliest(): array
    {
        $columnOf = [];
        for ($column = 0; $column < $this->size; $column++) {
            $columnOf[$this->rowOf[$column]] = $column;
        }
        ksort($columnOf);
        $columnOf = array_values($columnOf);
        for ($row = 0; $row < $this->size; $row++) {
            for ($column = 0; $column < $columnOf[$row]; $column++) {
                if ($this->isTight($row, $column) && $this->give($row, $column, $columnOf)) {
                    break;
                }
            }
        }

        return $columnOf;
    }

    private function isTight(int $row, int $column): bool
    {
        return $this->cost($row, $column) === $this->rows[$row] + $this->columns[$column];
    }

    /**
     * Gives a row this column if the rows after it can rearrange themselves; the rows before it keep theirs.
     *
     * @param  list<int>  $columnOf
     */
    private function give(int $row, int $column, array &$columnOf): bool
    {
        $owner = array_search($column, $columnOf, true);
        if ($owner === false || $owner < $row) {
            return false;
        }
        $free = $columnOf[$row];
        $seen = [];
        $trial = $columnOf;
        $trial[$row] = $column;
        if (! $this->move($owner, $row, $free, $trial, $seen)) {
            return false;
        }
        $columnOf = array_values($trial);

        return true;
    }

    /**
     * Finds the row another column, moving later rows on if need be, until the free column is taken.
     *
     * @param  array<int, int>  $trial
     * @param  array<int, true>  $seen
     */
    private function move(int $row, int $fixed, int $free, array &$trial, array &$seen): bool
    {
        for ($column = 0; $column < $this->size; $column++) {
            if (isset($seen[$column]) || $column === $trial[$fixed] || ! $this->isTight($row, $column)) {
                continue;
            }
            $seen[$column] = true;
            $owner = $column === $free ? null : array_search($column, $trial, true);
            if ($owner === $row || (is_int($owner) && $owner <= $fixed)) {
                continue;
            }
            if ($owner === null || $owner === false || $this->move($owner, $fixed, $free, $trial, $seen)) {
                $trial[$row] = $column;

                return true;
            }
        }

        return false;
    }
}
