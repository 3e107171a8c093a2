<?php

namespace Moltrek\Core\Log\Timing;

/** Angles as they are spoken of at the bench: "18.3°". */
final class Degrees
{
    /** @param  int|float  $angle  billionths of a degree */
    public static function text(int|float $angle, int $decimals = 1): string
    {
        $shown = number_format(abs($angle) < 5e7 / 10 ** ($decimals - 1) ? 0.0 : $angle / 1e9, $decimals, '.', '');

        return rtrim(rtrim($shown, '0'), '.').'°';
    }
}
