<?php

namespace Moltrek\Core\ValveGear;

/**
 * Rows to columns, each column at most once, so that costs of several ranks sum up to the least: the first rank counts before the
 * second, and so on. Costs are lists of whole numbers, compared rank by rank.
 *
 * Source: the Hungarian method with potentials (Kuhn 1955, Munkres 1957), which asks of costs only that they can be added and put
 * in order.
 */
final class CheapestAssignment
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
    }

    /**
     * @param  list<list<list<int>>>  $costs
     * @return list<int> the column of each row
     */
    public static function of(array $costs): array
    {
        if ($costs === []) {
            return [];
        }
        $assignment = new self($costs, count($costs[0]), count($costs[0][0] ?? []));
        for ($row = 1; $row <= count($costs); $row++) {
            $assignment->place($row);
        }
        $columnOf = [];
        foreach ($assignment->rowOf as $column => $row) {
            if ($row > 0) {
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
                $reduced = self::less(self::less($this->costs[$of - 1][$column - 1], $this->rows[$of]), $this->columns[$column]);
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
}
