<?php

namespace Moltrek\Core\Document;

use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/**
 * Rows as a spreadsheet gives them: a first line that names the columns, in any order, then a line each; parted by tabs,
 * semicolons or commas. An empty cell says nothing.
 */
final class Table
{
    private const MOST_LINES = 500;

    /**
     * @param  list<string>  $columns  those that may be there
     * @return array<int, Fields> by the number of the line
     *
     * @throws Refusal for a heading that names what is no column
     */
    public static function read(string $text, array $columns): array
    {
        $lines = preg_split('/\r\n|\r|\n/', $text) ?: [];
        $lines = array_filter($lines, static fn (string $line): bool => trim($line) !== '');
        if (count($lines) > self::MOST_LINES) {
            throw MalformedDocument::wrongSort(count($lines).' lines', sprintf('at most %d lines', self::MOST_LINES))->under('text');
        }
        $first = array_key_first($lines);
        $heading = $first === null ? '' : $lines[$first];
        $marks = array_filter(["\t", ';', ','], static fn (string $mark): bool => str_contains($heading, $mark));
        $by = array_values($marks)[0] ?? ',';
        $names = array_map(
            static fn (string $name): string => str_replace([' ', '-'], '_', mb_strtolower($name)), self::cells($heading, $by));
        foreach ($names as $name) {
            if (! in_array($name, $columns, true)) {
                throw MalformedDocument::wrongSort($name, 'columns named '.implode(', ', $columns))->under('text');
            }
        }
        unset($lines[$first]);
        $rows = [];
        foreach ($lines as $index => $line) {
            $cells = array_slice(array_pad(self::cells($line, $by), count($names), ''), 0, count($names));
            $said = array_filter(array_combine($names, $cells), static fn (string $cell): bool => $cell !== '');
            $rows[$index + 1] = Fields::of((object) $said, ...$columns);
        }

        return $rows;
    }

    /** @return list<string> */
    private static function cells(string $line, string $by): array
    {
        return array_map(static fn (?string $cell): string => trim($cell ?? ''), str_getcsv($line, $by, escape: ''));
    }
}
