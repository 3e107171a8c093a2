<?php

namespace App\Policies;

use App\Models\Shop;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/**
 * What may become somebody's password: eight characters or more of any kind, none of the common ones, and not what anybody
 * here would try first, and so hard to guess that nobody does. No rule about kinds of characters, no change by the calendar.
 * Source: OWASP ASVS 5, chapter 6.2, level 2.
 */
final class NewPassword
{
    public const SHORTEST = 8;

    private const LONGEST = 200;

    /** So much of a hash tells a common password: the list has their marks, not the words. */
    private const MARK = 16;

    /** A word of who somebody is, or where, counts from this length on. */
    private const TELLING = 4;

    /**
     * @param  list<string>  $about  name, user name and whatever else would be tried first
     *
     * @throws Refusal
     */
    public static function in(Fields $fields, string $key, array $about): string
    {
        $password = $fields->raw($key);
        if (! is_string($password) || mb_strlen($password) < self::SHORTEST || mb_strlen($password) > self::LONGEST || preg_match('/[\x00-\x1F\x7F]/', $password) === 1) {
            $read = is_string($password) ? mb_strlen($password).' characters' : 'nothing';
            throw $fields->placed(MalformedDocument::wrongSort($read, sprintf('%d characters or more; three words that have nothing to do with each other are good', self::SHORTEST)), $key);
        }
        if (self::isCommon($password)) {
            throw $fields->placed(ContradictoryFields::excluded($key, '…', 'This is one of the passwords that are tried first everywhere.', 'one that stands on no list'));
        }
        if (self::isTelling($password, [...$about, Shop::shop(), 'moltrek'])) {
            throw $fields->placed(ContradictoryFields::excluded($key, '…', 'It is a name that everybody here knows, and little more.', 'one that has nothing to do with you or the shop'));
        }

        $strength = PasswordStrength::of($password, [...self::words($about), ...self::words([Shop::shop(), 'moltrek'])]);
        if ($strength !== null && ! $strength->isEnough()) {
            throw $fields->placed(ContradictoryFields::excluded($key, '…', $strength->weak === '' ? 'This is too easy to guess.' : $strength->weak, 'three words that have nothing to do with each other'), $key);
        }

        return $password;
    }

    private static function isCommon(string $password): bool
    {
        $mark = substr(hash('sha256', mb_strtolower($password)), 0, self::MARK);

        return str_contains("\n".file_get_contents(resource_path('passwords/common.marks')), "\n$mark\n");
    }

    /**
     * Whether little is left of it when what everybody knows is taken out.
     *
     * @param  list<string>  $about
     */
    private static function isTelling(string $password, array $about): bool
    {
        $telling = array_filter(self::words($about), static fn (string $word): bool => mb_strlen($word) >= self::TELLING);
        $left = str_replace($telling, '', mb_strtolower($password));

        return $telling !== [] && $left !== mb_strtolower($password) && mb_strlen($left) < self::SHORTEST;
    }

    /**
     * @param  list<string>  $about
     * @return list<string>
     */
    private static function words(array $about): array
    {
        return preg_split('/[^\pL\pN]+/u', mb_strtolower(implode(' ', $about)), flags: PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
