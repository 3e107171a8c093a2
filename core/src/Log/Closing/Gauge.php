<?php

namespace Moltrek\Core\Log\Closing;

/** Pressures as they are spoken of at the bench: "45 kPa", "6.5 kPa". */
final class Gauge
{
    public static function text(float $pressure): string
    {
        $text = number_format($pressure, $pressure < 100 ? 1 : 0, '.', '');

        return ($pressure < 100 ? rtrim(rtrim($text, '0'), '.') : $text).' kPa';
    }
}
