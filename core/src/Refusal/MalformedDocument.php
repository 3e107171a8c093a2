<?php

namespace Moltrek\Core\Refusal;

/** A document that is not built as it should be: an unknown key, a missing value, a value of the wrong sort. */
final class MalformedDocument extends Refusal
{
    public static function notAnObject(mixed $read): self
    {
        return new self('', 'An object is needed here.', self::shown($read), 'a JSON object');
    }

    /** @param  list<string>  $known */
    public static function unknownKey(string $key, array $known): self
    {
        return new self(
            self::shown($key),
            'This key is not known here.',
            self::shown($key),
            $known === [] ? 'no keys' : 'one of '.implode(', ', $known),
        );
    }

    public static function missing(string $field, string $allowed): self
    {
        return new self($field, 'This is missing.', '', $allowed);
    }

    public static function wrongSort(mixed $read, string $allowed): self
    {
        return new self('', 'This is not what is needed here.', self::shown($read), $allowed);
    }
}
