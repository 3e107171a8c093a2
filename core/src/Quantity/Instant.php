<?php

namespace Moltrek\Core\Quantity;

use DateTimeImmutable;
use Moltrek\Core\Refusal\MalformedDocument;

/** An instant as it is sent and kept: "2026-11-24T09:30:00Z". The one way to read one. */
final class Instant
{
    private const PATTERN = '/^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(\.\d{1,6})?(Z|[+-](0\d|1[0-4]):[0-5]\d)$/D';

    /** @throws MalformedDocument for what is no instant, or lies outside the years 2000 to 2100 */
    public static function of(string $text): DateTimeImmutable
    {
        if (preg_match(self::PATTERN, $text, $part) !== 1 || Day::tryOf($part[1]) === null) {
            throw MalformedDocument::wrongSort($text, 'an instant such as 2026-11-24T09:30:00Z, from the years 2000 to 2100');
        }

        return new DateTimeImmutable($text);
    }
}
