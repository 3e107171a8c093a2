<?php

namespace Moltrek\Core\Log\Closing;

/** Pressures as they are spoken of at the bench: "45 kPa", "6.5 kPa". */
final class Gauge
{
    public static function text(float $pressure): string
    {
        return ($pressure < 100 ? rtrim(rtrim(number_format($pressure, 1, '.', ''), '0'), '.') : number_format($pressure, 0, '.', '')).' kPa';
    }
}
