<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Judgement\PrintedLimit;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/**
 * Limits as they come from a spreadsheet or out of a manual's table: one a line, what and the figure, in columns that a tab, a
 * semicolon or a comma parts. What is meant is found by the trade's names; what cannot be read is said at its line, and the
 * others are read all the same.
 */
final readonly class LimitTable
{
    private const MOST_LINES = 200;

    /** Names that manuals use beside the catalogue's own. */
    private const NAMES = [
        'end gap' => 'ring_gap', 'ring end gap' => 'ring_gap', 'piston ring end gap' => 'ring_gap', 'piston ring gap' => 'ring_gap',
        'piston to bore clearance' => 'piston_clearance', 'piston to wall clearance' => 'piston_clearance',
        'piston to cylinder clearance' => 'piston_clearance', 'piston wall clearance' => 'piston_clearance',
        'cylinder bore' => 'bore_size', 'bore' => 'bore_size', 'bore diameter' => 'bore_size', 'cylinder diameter' => 'bore_size',
        'ovality' => 'out_of_round', 'cylinder out of round' => 'out_of_round', 'cylinder taper' => 'taper', 'bore taper' => 'taper',
        'ring groove clearance' => 'ring_side_clearance', 'ring to groove clearance' => 'ring_side_clearance',
        'piston pin clearance' => 'pin_in_piston', 'pin to piston clearance' => 'pin_in_piston',
        'pin to rod clearance' => 'pin_in_rod', 'small end clearance' => 'pin_in_rod',
        'big end side clearance' => 'rod_side_clearance', 'connecting rod side clearance' => 'rod_side_clearance',
        'big end clearance' => 'big_end_oil_clearance', 'crankpin oil clearance' => 'big_end_oil_clearance',
        'crankshaft runout' => 'crank_runout', 'runout' => 'crank_runout', 'main bearing clearance' => 'main_oil_clearance',
        'crankshaft end float' => 'crank_end_float', 'end float' => 'crank_end_float', 'deck height' => 'deck',
        'squish clearance' => 'squish', 'squish gap' => 'squish', 'compression' => 'cranking_compression',
        'cylinder compression' => 'cranking_compression', 'compression pressure' => 'cranking_compression',
        'head warpage' => 'head_flatness', 'cylinder head warpage' => 'head_flatness', 'cylinder head flatness' => 'head_flatness',
        'barrel warpage' => 'barrel_flatness', 'cylinder warpage' => 'barrel_flatness', 'valve clearance' => 'valve_lash',
        'tappet clearance' => 'valve_lash', 'stem to guide clearance' => 'valve_guide', 'valve guide clearance' => 'valve_guide',
        'valve stem clearance' => 'valve_guide', 'valve seat width' => 'seat_width', 'spring free length' => 'spring_length',
        'valve spring free length' => 'spring_length', 'cam lobe height' => 'cam_lobe', 'lobe height' => 'cam_lobe',
        'cam journal clearance' => 'cam_journal', 'camshaft journal clearance' => 'cam_journal',
    ];

    /** Which of several, as manuals say it and as a sheet has it. */
    private const PARTS = [
        'top' => 'top', 'first' => 'top', '1st' => 'top', 'second' => 'second', '2nd' => 'second', 'oil' => 'oil',
        'inlet' => 'inlet', 'intake' => 'inlet', 'in' => 'inlet', 'exhaust' => 'exhaust', 'ex' => 'exhaust', 'transfer' => 'transfer',
    ];

    /** Words of a first line that is a heading. */
    private const HEADING = '/^(quantity|item|what|name|measurement)$/i';

    /** @return list<LimitRow> */
    public static function read(string $text, SourceKind $source): array
    {
        $rows = [];
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $index => $line) {
            if (trim($line) === '') {
                continue;
            }
            if (count($rows) === self::MOST_LINES) {
                throw MalformedDocument::wrongSort('more lines', sprintf('at most %d lines', self::MOST_LINES))->under('text');
            }
            $cells = self::cells($line);
            if ($rows === [] && preg_match(self::HEADING, $cells[0] ?? '') === 1) {
                continue;
            }
            $rows[] = self::row($index + 1, $cells, $source);
        }

        return $rows;
    }

    /** @return list<string> */
    private static function cells(string $line): array
    {
        $by = match (true) {
            str_contains($line, "\t") => "\t",
            str_contains($line, ';') && preg_match('/^[^;]*\d/', $line) !== 1 => ';',
            default => null,
        };
        $cells = $by === null ? self::byComma($line) : str_getcsv($line, $by, escape: '');

        return array_map(static fn (?string $cell): string => trim($cell ?? ''), $cells);
    }

    /**
     * A comma stands within figures and between limits too: what comes before the first figure is the name.
     *
     * @return list<string|null>
     */
    private static function byComma(string $line): array
    {
        if (str_contains($line, '"')) {
            return str_getcsv($line, ',', escape: '');
        }
        $begins = '(?=(?:max|min|up to|at least|limit|service limit|no (?:more|less) than|[<>])?\.?\s*(?:\d|\.\d))';
        if (preg_match('/^(.*?)\s*(?:,|:|\s)\s*'.$begins.'(?!(?:1st|2nd)\b)(.+)$/iu', $line, $found) === 1) {
            return [rtrim($found[1], " ,:\t"), $found[2]];
        }

        return [$line];
    }

    /** @param  list<string>  $cells */
    private static function row(int $line, array $cells, SourceKind $source): LimitRow
    {
        [$what, $figure] = [$cells[0] ?? '', $cells[1] ?? ''];
        // a spreadsheet may give the part a column of its own, before the figure
        if (isset($cells[2]) && isset(self::PARTS[mb_strtolower($figure)])) {
            [$what, $figure] = [$what.', '.$figure, $cells[2]];
        }
        try {
            [$quantity, $part] = self::meant($what);
            $limit = PrintedLimit::read($figure, $quantity->dimension());

            return new LimitRow($line, $what, $figure, $quantity, $part, $limit, $source, null);
        } catch (Refusal $refusal) {
            $said = $refusal->toArray();

            $why = $refusal->getMessage().' Accepted: '.$said['allowed'].'.';

            return new LimitRow($line, $what, $figure, null, null, null, $source, $why);
        }
    }

    /**
     * @return array{JudgedQuantity, string|null} what is judged, and of which of several
     *
     * @throws Refusal
     */
    private static function meant(string $what): array
    {
        $words = preg_split('/[\s,_()\/-]+/u', mb_strtolower($what), flags: PREG_SPLIT_NO_EMPTY) ?: [];
        $parts = array_values(array_intersect_key(self::PARTS, array_flip($words)));
        foreach ([$words, array_values(array_diff($words, array_keys(self::PARTS))),
            array_values(array_diff($words, array_keys(self::PARTS), ['ring', 'valve', 'piston']))] as $tried) {
            $name = implode(' ', $tried);
            $quantity = JudgedQuantity::tryFrom(self::NAMES[$name] ?? str_replace(' ', '_', $name));
            if ($quantity !== null) {
                return [$quantity, $parts[0] ?? null];
            }
        }
        throw MalformedDocument::wrongSort($what, 'something that is judged, such as piston clearance, ring gap, valve lash, crank runout')
            ->under('what');
    }
}
