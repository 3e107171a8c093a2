<?php

namespace App\Bench;

use App\Models\Instrument;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Measuring\EntryForm;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use stdClass;

/**
 * Readings as CSV: a head line, then one place a line. Columns: place (its id or its name), reading, setting, deviation,
 * passes, drags, refuses, hole, shaft, at_least, tool. Every line is read before any is entered.
 */
final class ReadingsFile
{
    private const MOST_ROWS = 5_000;

    /** @return list<string> the columns that a file may have */
    public static function columns(): array
    {
        return ['place', 'reading', ...EntryForm::columns(), 'tool'];
    }

    /** @return list<array{line: int, place: string, reading: string, column: string|null, error: string|null, payload: stdClass|null}> */
    public static function read(string $csv, BuildState $state): array
    {
        $table = self::table($csv);
        $columns = array_map(static fn (string $name): string => mb_strtolower(trim($name)), $table[1] ?? ['']);
        foreach ($columns as $column) {
            if (! in_array($column, self::columns(), true)) {
                throw MalformedDocument::wrongSort($column, 'columns '.implode(', ', self::columns()))->under('csv');
            }
        }
        if (! in_array('place', $columns, true)) {
            throw MalformedDocument::missing('csv', 'a head line with the column place');
        }
        $byName = [];
        foreach ($state->spots as $spot) {
            $byName[mb_strtolower($spot->name)] = $byName[mb_strtolower($spot->id)] = $spot;
        }
        $tools = Instrument::query()->pluck('id')->all();
        $rows = [];
        foreach ($table as $line => $cells) {
            if ($line > 1) {
                $rows[] = self::row($line, $columns, $cells, $byName, $tools);
            }
        }

        return $rows;
    }

    /**
     * The cells of each line that has any, by the number of the line it begins on: cells in quotes may hold line ends.
     *
     * @return array<int, list<string>>
     *
     * @throws MalformedDocument for a file that is too long
     */
    private static function table(string $csv): array
    {
        $text = str_replace(["\r\n", "\r"], "\n", str_starts_with($csv, "\u{FEFF}") ? substr($csv, 3) : $csv);
        $file = fopen('php://temp', 'r+b');
        assert($file !== false);
        fwrite($file, $text);
        rewind($file);
        $separator = str_contains((string) strstr($text."\n", "\n", true), ';') ? ';' : ',';
        $table = [];
        $line = 1;
        $at = 0;
        while (($cells = fgetcsv($file, null, $separator, escape: '')) !== false) {
            if (implode('', $cells) !== '') {
                $table[$line] = array_map(strval(...), $cells);
            }
            $line += substr_count($text, "\n", $at, (int) ftell($file) - $at);
            $at = (int) ftell($file);
        }
        if (count($table) > self::MOST_ROWS + 1) {
            throw MalformedDocument::wrongSort((count($table) - 1).' lines', sprintf('at most %d lines after the head', self::MOST_ROWS))->under('csv');
        }

        return $table;
    }

    /**
     * @param  list<string>  $columns
     * @param  list<string>  $cells
     * @param  array<string, Spot>  $spots
     * @param  array<mixed>  $tools  the ids of the toolbox
     * @return array{line: int, place: string, reading: string, column: string|null, error: string|null, payload: stdClass|null}
     */
    private static function row(int $line, array $columns, array $cells, array $spots, array $tools): array
    {
        $cell = [];
        foreach ($columns as $index => $column) {
            $cell[$column] = trim($cells[$index] ?? '');
        }
        $place = $cell['place'] ?? '';
        $wrong = static fn (string $column, string $error): array => ['line' => $line, 'place' => $place, 'reading' => implode(' ', array_filter(array_diff_key($cell, ['place' => '', 'tool' => '']))), 'column' => $column, 'error' => $error, 'payload' => null];
        if (count($cells) > count($columns)) {
            return $wrong($columns[count($columns) - 1], 'There are more cells than columns; a decimal comma needs ; between cells, or quotes.');
        }
        $spot = $spots[mb_strtolower($place)] ?? null;
        if ($spot === null) {
            return $wrong('place', 'This engine has no such place.');
        }
        $tool = $cell['tool'] ?? '';
        if ($tool !== '' && ! in_array($tool, $tools, true)) {
            return $wrong('tool', 'The toolbox has no tool of this id.');
        }
        $payload = (object) ['spot' => $spot->id, 'reading' => $spot->form()->form()::ofCells($cell)];
        try {
            $reading = Reading::read(Fields::of($payload, ...Reading::KEYS), $spot);
        } catch (Refusal $refusal) {
            $last = array_slice(explode('.', $refusal->field), -1)[0];

            return $wrong(in_array($last, EntryForm::columns(), true) ? $last : 'reading', $refusal->getMessage().' Accepted: '.$refusal->allowed.'.');
        }
        if ($tool !== '') {
            $payload->tool = $tool;
        }

        return ['line' => $line, 'place' => $spot->name, 'reading' => $reading->text, 'column' => null, 'error' => null, 'payload' => $payload];
    }
}
