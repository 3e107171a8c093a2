<?php

namespace App\Text;

/** Lines as CSV (RFC 4180) in which nothing is a formula to the spreadsheet that opens them: what begins like one is kept as text. */
final class Csv
{
    /** What a spreadsheet takes for the beginning of a formula. */
    private const BEGINS = '/^[=+\-@\t\r]/u';

    /** A number with its sign, and perhaps a unit, is none. */
    private const NUMBER = '/^[+\-]?\d[\d.,]*( ?[^\s=+\-@(|]{1,8})?$/u';

    /**
     * @param  list<string>  $head
     * @param  iterable<array<array-key, string|int|float|null>>  $lines
     */
    public static function of(array $head, iterable $lines): string
    {
        $out = fopen('php://temp', 'r+b');
        assert($out !== false);
        fputcsv($out, $head, escape: '');
        foreach ($lines as $line) {
            fputcsv($out, array_map(self::cell(...), $line), escape: '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    private static function cell(string|int|float|null $cell): string|int|float|null
    {
        return is_string($cell) && preg_match(self::BEGINS, $cell) === 1 && preg_match(self::NUMBER, $cell) !== 1 ? "'".$cell : $cell;
    }
}
