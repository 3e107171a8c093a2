<?php

namespace App\Upkeep;

use RuntimeException;

/** An archive that is not what it says it is; the message says what is wrong with it, for whoever typed its name. */
final class BadArchive extends RuntimeException
{
    public static function cutOff(string $file): self
    {
        return new self("$file is damaged: it ends in the middle.");
    }

    public static function notOurs(string $file): self
    {
        return new self("$file is not a backup or an export of Moltrek.");
    }

    public static function strange(string $file, string $what): self
    {
        return new self("$file has something in it that Moltrek puts into none: $what.");
    }

    public static function tooLarge(string $file, string $what): self
    {
        return new self("$file is larger than it may be: $what.");
    }

    public static function differs(string $file, string $what): self
    {
        return new self("$file is damaged, or was changed: $what does not agree with its checksum.");
    }

    public static function says(string $file, string $what): self
    {
        return new self("$file cannot be read: $what.");
    }
}
