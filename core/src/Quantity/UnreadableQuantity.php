<?php

namespace Moltrek\Core\Quantity;

use Moltrek\Core\Refusal\Refusal;

/** A text that is not a number with a unit. */
final class UnreadableQuantity extends Refusal
{
    public static function in(mixed $read, ?Dimension $expected): self
    {
        $bare = is_int($read) || is_float($read) || (is_string($read) && preg_match('~^\s*[+\-−]?[\d.,/ ]+\s*$~u', $read) === 1);

        return new self(
            '',
            $bare ? 'A figure needs its unit.' : 'This cannot be read as a number with a unit.',
            self::shown($read),
            self::wanted($expected),
        );
    }

    public static function unknownUnit(string $read, string $unit, ?Dimension $expected): self
    {
        return new self('', sprintf('The unit "%s" is not known.', self::shown($unit)), self::shown($read), self::wanted($expected));
    }

    public static function fraction(string $read): self
    {
        return new self(
            '',
            'A fraction can be read in inches only, and not over zero.',
            self::shown($read),
            'a fraction of an inch such as 7/16 in or 1 1/2 in',
        );
    }

    public static function tooLarge(string $read): self
    {
        return new self('', 'This figure is too large to be meant.', self::shown($read), 'at most 1000000000 in the canonical unit');
    }

    private static function wanted(?Dimension $expected): string
    {
        if ($expected === null) {
            return 'a number and one of the units '.implode(
                ', ',
                array_map(static fn (UnitOfMeasure $unit): string => $unit->symbol, UnitOfMeasure::all()),
            );
        }

        return $expected->example();
    }
}
