<?php

namespace App\Policies;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/** What may become somebody's PIN: four to eight digits, and none of those that are tried first. */
final class NewPin
{
    private const FORM = '/^\d{4,8}$/D';

    /** Ways of a thumb over the keys: columns, and the corners. */
    private const WAYS = ['2580', '0852', '1470', '3690', '1379', '9731', '1397', '7931', '1739', '9371', '1590', '7530', '159', '357', '147', '258', '369'];

    /** @throws Refusal */
    public static function in(Fields $fields, string $key): string
    {
        $pin = $fields->raw($key);
        if (! is_string($pin) || preg_match(self::FORM, $pin) !== 1) {
            throw $fields->placed(MalformedDocument::wrongSort(is_string($pin) ? mb_strlen($pin).' characters' : 'nothing', 'four to eight digits'), $key);
        }
        if (self::isPattern($pin)) {
            throw $fields->placed(ContradictoryFields::excluded($key, '…', 'This is too easy to guess.', 'four to eight digits; not 1234, 1212, a year, or a line on the keys'), $key);
        }

        return $pin;
    }

    public static function isPattern(string $pin): bool
    {
        return self::hasOneStep($pin) || self::isRepeated($pin) || strrev($pin) === $pin || self::isDay($pin) || self::isWay($pin)
            || count(array_unique(str_split($pin))) < 3;
    }

    /** From each digit to the next the same way: 1234, 8642, 7777. */
    private static function hasOneStep(string $pin): bool
    {
        $steps = array_map(static fn (string $a, string $b): int => ((int) $b - (int) $a + 10) % 10, str_split(substr($pin, 0, -1)), str_split(substr($pin, 1)));

        return count(array_unique($steps)) === 1;
    }

    /** The same two, three or four digits again: 1212, 123123, 47114711. */
    private static function isRepeated(string $pin): bool
    {
        return preg_match('/^(\d{2,4})\1+$/D', $pin) === 1;
    }

    /** A year, or a day as it is written: 1984, 24121984, 241284. */
    private static function isDay(string $pin): bool
    {
        return preg_match('/^(19|20)\d\d$/D', $pin) === 1
            || preg_match('/^(0[1-9]|[12]\d|3[01])(0[1-9]|1[0-2])((19|20)?\d\d)$/D', $pin) === 1
            || preg_match('/^(19|20)\d\d(0[1-9]|1[0-2])(0[1-9]|[12]\d|3[01])$/D', $pin) === 1;
    }

    private static function isWay(string $pin): bool
    {
        return in_array($pin, self::WAYS, true) || (strlen($pin) === 6 && in_array(substr($pin, 0, 3), self::WAYS, true) && in_array(substr($pin, 3), self::WAYS, true));
    }
}
