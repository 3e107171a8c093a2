<?php

namespace Moltrek\Core\Fitting;

/**
 * Rows to columns, each column at most once, so that costs of several ranks sum up to the least: the first rank counts before the
 * second, and so on. Costs are lists of whole numbers, compared rank by rank; what must not be has a first rank of its own.
 *
 * Source: the Hungarian method with potentials (Kuhn 1955, Munkres 1957), O(n³), which asks of costs only that they can be added and
 * put in order. With the potentials found, every cheapest way uses only pairs whose cost equals the sum of their potentials; the
 * earliest of those is picked by augmenting paths.
 */
final class Assignment
{
    /** @var array<int, list<int>> potential of each row, the first being none */
    private array $rows;

    /** @var array<int, list<int>> potential of each column, the first being none */
    private array $columns;

    /** @var array<int, int> row of each column, 0 for none */
    private array $rowOf;

    /** @param  list<list<list<int>>>  $costs  by row and column, no more rows than columns */
    private function __construct(private array $costs, private int $width, int $ranks)
    {
        $nothing = array_fill(0, $ranks, 0);
        $this->rows = array_fill(0, count($costs) + 1, $nothing);
        $this->columns = array_fill(0, $width + 1, $nothing);
        $this->rowOf = array_fill(0, $width + 1, 0);
        for ($row = 1; $row <= count($costs); $row++) {
            $this->place($row);
        }
    }

    /**
     * A cheapest way.
     *
     * @param  list<list<list<int>>>  $costs  by row and column, no more rows than columns
     * @return list<int> the column of each row
     */
    public static function cheapest(array $costs): array
    {
        return $costs === [] ? [] : (new self($costs, count($costs[0]), count($costs[0][0] ?? [])))->columnOfRows();
    }

    /**
     * Among equally cheap ways the one whose first row has the earliest column, then its second, and so on.
     *
     * @param  list<list<list<int>>>  $costs
     * @return list<int> the column of each row
     */
    public static function earliest(array $costs): array
    {
        $wanted = count($costs);
        $width = count($costs[0] ?? []);
        $free = array_fill(0, $width, array_fill(0, count($costs[0][0] ?? []), 0));
        while (count($costs) < $width) {
            $costs[] = $free;
        }
        $assignment = new self($costs, $width, count($costs[0][0] ?? []));

        return array_slice($assignment->moved($assignment->columnOfRows()), 0, $wanted);
    }

    /** @return list<int> */
    private function columnOfRows(): array
    {
        $columnOf = [];
        foreach ($this->rowOf as $column => $row) {
            if ($column > 0 && $row > 0) {
                $columnOf[$row - 1] = $column - 1;
            }
        }
        ksort($columnOf);

        return array_values($columnOf);
    }

    /** Finds a place for one more row, moving others where that is cheaper. */
    private function place(int $row): void
    {
        $this->rowOf[0] = $row;
        $at = 0;
        /** @var array<int, list<int>|null> $slack */
        $slack = array_fill(1, $this->width, null);
        $from = array_fill(1, $this->width, 0);
        $used = [];
        do {
            $used[$at] = true;
            $of = $this->rowOf[$at];
            $least = null;
            $next = 0;
            for ($column = 1; $column <= $this->width; $column++) {
                if (isset($used[$column])) {
                    continue;
                }
                $reduced = $this->reduced($of, $column);
                if ($slack[$column] === null || $reduced < $slack[$column]) {
                    $slack[$column] = $reduced;
                    $from[$column] = $at;
                }
                if ($least === null || $slack[$column] < $least) {
                    $least = $slack[$column];
                    $next = $column;
                }
            }
            $this->shift($least ?? [], $slack, $used);
            $at = $next;
        } while ($this->rowOf[$at] !== 0);
        while ($at !== 0) {
            $this->rowOf[$at] = $this->rowOf[$from[$at]];
            $at = $from[$at];
        }
    }

    /**
     * What a pair costs beyond its potentials: nothing where it stands in a cheapest way.
     *
     * @return list<int>
     */
    private function reduced(int $row, int $column): array
    {
        return self::less(self::less($this->costs[$row - 1][$column - 1], $this->rows[$row]), $this->columns[$column]);
    }

    /**
     * @param  list<int>  $by
     * @param  array<int, list<int>|null>  $slack
     * @param  array<int, true>  $used
     */
    private function shift(array $by, array &$slack, array $used): void
    {
        for ($column = 0; $column <= $this->width; $column++) {
            if (isset($used[$column])) {
                $row = $this->rowOf[$column];
                $this->rows[$row] = self::less($this->rows[$row], self::less(array_fill(0, count($by), 0), $by));
                $this->columns[$column] = self::less($this->columns[$column], $by);
            } elseif ($column > 0 && $slack[$column] !== null) {
                $slack[$column] = self::less($slack[$column], $by);
            }
        }
    }

    /**
     * @param  list<int>  $one
     * @param  list<int>  $other
     * @return list<int>
     */
    private static function less(array $one, array $other): array
    {
        return array_map(static fn (int $figure, int $less): int => $figure - $less, $one, $other);
    }

    /**
     * Row after row to its earliest column, as long as those behind it find others.
     *
     * @param  list<int>  $columnOf
     * @return list<int>
     */
    private function moved(array $columnOf): array
    {
        foreach (array_keys($columnOf) as $row) {
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
        return array_filter($this->reduced($row + 1, $column + 1)) === [];
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
        for ($column = 0; $column < $this->width; $column++) {
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
