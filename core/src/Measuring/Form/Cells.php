<?php

namespace Moltrek\Core\Measuring\Form;

use stdClass;

/** The cells of one line of a file. */
final class Cells
{
    /**
     * Those of these columns in which something was written, as the parts of one reading.
     *
     * @param  array<string, string>  $cells
     * @param  list<string>  $columns
     */
    public static function filled(array $cells, array $columns): stdClass
    {
        return (object) array_filter(array_intersect_key($cells, array_flip($columns)), static fn (string $cell): bool => $cell !== '');
    }
}
