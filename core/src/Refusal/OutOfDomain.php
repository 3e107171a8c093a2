<?php

namespace Moltrek\Core\Refusal;

/** A figure that can be read but cannot be: a negative length, a bore of nothing, a share larger than the whole. */
final class OutOfDomain extends Refusal
{
    public static function negative(string $read): self
    {
        return new self('', 'A negative figure cannot be here.', self::shown($read), 'zero or more');
    }

    public static function notPositive(string $read): self
    {
        return new self('', 'This must be more than nothing.', self::shown($read), 'more than zero');
    }

    public static function because(string $field, string $message, mixed $read, string $allowed): self
    {
        return new self($field, $message, self::shown($read), $allowed);
    }
}
