<?php

namespace Moltrek\Core\Judgement;

/** Where in a range one aims. Source: shop practice; at the middle, unless the shop prefers otherwise. */
enum Aim: string
{
    case Low = 'low';
    case Middle = 'middle';
    case High = 'high';

    public function in(int|float $min, int|float $max): int|float
    {
        return match ($this) {
            self::Low => $min,
            self::Middle => ($min + $max) / 2,
            self::High => $max,
        };
    }
}
