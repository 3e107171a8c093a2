<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;

/** A share, written as a number from 0 to 1. */
final class Share
{
    public static function readOrNull(Fields $in, string $key): ?float
    {
        $raw = $in->raw($key);
        if ($raw === null) {
            return null;
        }

        return (is_int($raw) || is_float($raw)) && $raw >= 0 && $raw <= 1 ? (float) $raw
            : throw $in->placed(MalformedDocument::wrongSort($raw, 'a number from 0 to 1'), $key);
    }
}
