<?php

namespace App\Actions;

use App\Models\User;
use Carbon\CarbonImmutable;

/**
 * A code that is given once, by which a person sets a password: to begin with, or because the old one is forgotten.
 * The database keeps its hash alone.
 */
final class BeginnersCode
{
    private const DAYS = 7;

    /** Read aloud and typed with gloves: no letter that is taken for another. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    /** Groups of four; 31 letters each place come to 79 bits. */
    private const GROUPS = 4;

    /** @return string the code, which nobody can read again */
    public static function give(User $user): string
    {
        $groups = array_map(static fn (): string => implode('', array_map(
            static fn (): string => self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)], range(1, 4))), range(1, self::GROUPS));
        $code = implode('-', $groups);
        $user->update(['code_hash' => self::hash($code), 'code_until' => CarbonImmutable::now()->addDays(self::DAYS)]);

        return $code;
    }

    /** Whose it is, while it may be used. */
    public static function whose(string $code): ?User
    {
        $user = User::query()->where('code_hash', self::hash($code))->first();

        return $user !== null && $user->disabled_at === null && $user->code_until?->isFuture() === true ? $user : null;
    }

    private static function hash(string $code): string
    {
        return hash('sha256', (string) preg_replace('/[^a-z0-9]/', '', mb_strtolower($code)));
    }
}
