<?php

namespace App\Bench;

use App\Models\Instrument;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
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
    public const COLUMNS = ['place', 'reading', 'setting', 'deviation', 'passes', 'drags', 'refuses', 'hole', 'shaft', 'at_least', 'tool'];

    /** Which column an error inside a reading belongs to. */
    private const INSIDE = ['setting', 'deviation', 'passes', 'drags', 'refuses', 'hole', 'shaft', 'at_least'];

    /** @return list<array{line: int, place: string, reading: string, column: string|null, error: string|null, payload: stdClass|null}> */
    public static function read(string $csv, BuildState $state): array
    {
        $lines = preg_split('/\r\n|\n|\r/', str_starts_with($csv, "\u{FEFF}") ? substr($csv, 3) : $csv) ?: [];
        $separator = str_contains($lines[0] ?? '', ';') ? ';' : ',';
        $columns = array_map(static fn (?string $name): string => mb_strtolower(trim((string) $name)), str_getcsv($lines[0] ?? '', $separator, escape: ''));
        foreach ($columns as $column) {
            if (! in_array($column, self::COLUMNS, true)) {
                throw MalformedDocument::wrongSort($column, 'columns '.implode(', ', self::COLUMNS))->under('csv');
            }
        }
        if (! in_array('place', $columns, true)) {
            throw MalformedDocument::missing('csv', 'a head line with the column place');
        }
        $byName = [];
        foreach ($state->spots as $spot) {
            $byName[mb_strtolower($spot->name)] = $byName[mb_strtolower($spot->id)] = $spot;
        }
        $rows = [];
        foreach (array_slice($lines, 1) as $index => $text) {
            if (trim($text) !== '') {
                $rows[] = self::row($index + 2, $columns, str_getcsv($text, $separator, escape: ''), $byName);
            }
        }

        return $rows;
    }

    /**
     * @param  list<string>  $columns
     * @param  list<string|null>  $cells
     * @param  array<string, Spot>  $spots
     * @return array{line: int, place: string, reading: string, column: string|null, error: string|null, payload: stdClass|null}
     */
    private static function row(int $line, array $columns, array $cells, array $spots): array
    {
        $cell = [];
        foreach ($columns as $index => $column) {
            $cell[$column] = trim((string) ($cells[$index] ?? ''));
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
        if ($tool !== '' && Instrument::query()->find($tool) === null) {
            return $wrong('tool', 'The toolbox has no tool of this id.');
        }
        $payload = (object) ['spot' => $spot->id, 'reading' => $spot->form()->form()::ofCells($cell)];
        try {
            $reading = Reading::read(Fields::of($payload, ...Reading::KEYS), $spot);
        } catch (Refusal $refusal) {
            $last = array_slice(explode('.', $refusal->field), -1)[0];

            return $wrong(in_array($last, self::INSIDE, true) ? $last : 'reading', $refusal->getMessage().' Accepted: '.$refusal->allowed.'.');
        }
        if ($tool !== '') {
            $payload->tool = $tool;
        }

        return ['line' => $line, 'place' => $spot->name, 'reading' => $reading->text, 'column' => null, 'error' => null, 'payload' => $payload];
    }
}
