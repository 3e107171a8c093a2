<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\PlainShell;

final class Shells implements Calculation
{
    /** No mark stamped on a crank or a case is larger. */
    private const LARGEST = 1_000_000;

    public function name(): string
    {
        return 'shells';
    }

    public function about(): string
    {
        return 'Plain shells by the marks of case, crank and rod: code and colour for each place.';
    }

    public function example(): string
    {
        return '{"offset": 1, "rows": [{"place": "main 1", "a": 5, "b": 2}, {"place": "main 3", "a": 6, "b": 1}], "colours": {"1": "blue", "2": "black", "3": "brown"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'offset', 'rows', 'colours');
        $offset = $in->whole('offset', -self::LARGEST, self::LARGEST);
        $rows = $in->required('rows')->objects('rows', 'place', 'a', 'b');
        $rows = array_map(static fn (Fields $row): array => [$row->text('place', 120), $row->whole('a', -self::LARGEST, self::LARGEST), $row->whole('b', -self::LARGEST, self::LARGEST)], $rows);
        $colours = [];
        if ($in->has('colours')) {
            $named = $in->named('colours');
            foreach ($named->keys() as $code) {
                $colours[$code] = $named->text($code, 60);
            }
        }
        $shells = array_map(static fn (array $row): PlainShell => PlainShell::of($row[0], $row[1], $row[2], $offset, $colours), $rows);

        return [
            'rows' => array_map(static fn (PlainShell $shell): array => $shell->toArray(), $shells),
            'without_colour' => array_values(array_map(static fn (PlainShell $shell): string => $shell->place, array_filter($shells, static fn (PlainShell $shell): bool => $shell->colour === null))),
        ];
    }
}
