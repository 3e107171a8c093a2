<?php

namespace App\Models;

use LogicException;
use stdClass;

/** One row that the database gave, its columns read as what they are: a column of another sort is a mistake of ours. */
final readonly class Row
{
    private function __construct(private stdClass $row)
    {
    }

    public static function of(mixed $row): self
    {
        return $row instanceof stdClass ? new self($row) : throw new LogicException('The database gave no row.');
    }

    public function text(string $column): string
    {
        return $this->textOrNull($column) ?? throw new LogicException("$column is empty.");
    }

    public function textOrNull(string $column): ?string
    {
        $value = $this->row->{$column};

        return match (true) {
            $value === null => null,
            is_scalar($value) => (string) $value,
            default => throw new LogicException("$column is no text."),
        };
    }

    /** @return list<string|null> */
    public function texts(string ...$columns): array
    {
        return array_map($this->textOrNull(...), array_values($columns));
    }

    public function whole(string $column): int
    {
        $value = $this->row->{$column};

        return is_numeric($value) ? (int) $value : throw new LogicException("$column is no number.");
    }

    public function flag(string $column): bool
    {
        return (bool) $this->row->{$column};
    }
}
