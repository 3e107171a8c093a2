<?php

namespace App\Actions;

use App\Models\Job;
use App\Models\User;
use App\Upkeep\ShopKey;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/**
 * What a tablet gets when a second person has typed their own PIN: it says who looked with whom, in which shop, on which job, at
 * which question of which hold, and when; nobody but the server can make one, and it is good for one entry. The entry that carries
 * it may wait for a network.
 */
final class Voucher
{
    private const HOURS = 12;

    public static function give(User $second, User $first, Job $job, string $hold, int $item): string
    {
        return Crypt::encryptString((string) json_encode([...self::names($second->initials, $first, $job, $hold, $item), bin2hex(random_bytes(16)), CarbonImmutable::now()->getTimestamp()]));
    }

    /** Whether it is one for this very answer; it is used up by this, as far as the transaction that is open stands. */
    public static function spend(string $voucher, string $second, User $first, Job $job, string $hold, int $item): bool
    {
        try {
            $said = json_decode(Crypt::decryptString($voucher), true);
        } catch (DecryptException) {
            return false;
        }
        $at = is_array($said) ? array_pop($said) : null;
        $nonce = is_array($said) ? array_pop($said) : null;

        return $said === self::names($second, $first, $job, $hold, $item) && is_int($at) && CarbonImmutable::now()->getTimestamp() - $at < self::HOURS * 3600
            && is_string($nonce) && DB::table('spent_vouchers')->insertOrIgnore(['nonce' => $nonce, 'spent_at' => CarbonImmutable::now()]) === 1;
    }

    /** @return list<string|int> */
    private static function names(string $second, User $first, Job $job, string $hold, int $item): array
    {
        return [ShopKey::shop(), $second, $first->initials, $job->number, $hold, $item];
    }
}
