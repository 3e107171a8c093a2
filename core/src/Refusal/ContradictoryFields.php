<?php

namespace Moltrek\Core\Refusal;

/** Figures that are each readable and cannot be true together. */
final class ContradictoryFields extends Refusal
{
    /** Two ends of a limit that have crossed: the one that should be the smaller is named. */
    public static function crossed(string $lower, string $lowerRead, string $upper, string $upperRead): self
    {
        return new self(
            $lower,
            sprintf('The limits cross: %s %s is above %s %s.', $lower, $lowerRead, $upper, $upperRead),
            self::shown($lowerRead),
            sprintf('at most %s', $upperRead),
        );
    }

    public static function leaves(string $thicker, string $thickerRead, string $thinner, string $thinnerRead): self
    {
        return new self(
            $thicker,
            sprintf('A leaf that %s must be thinner than the one that %s.', $thicker, $thinner),
            self::shown($thickerRead),
            sprintf('thinner than %s', $thinnerRead),
        );
    }

    public static function excluded(string $field, mixed $read, string $message, string $allowed): self
    {
        return new self($field, $message, self::shown($read), $allowed);
    }
}
