<?php

namespace App\Actions;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;

/**
 * What a tablet gets when a second person has typed their own PIN: it says who looked with whom, at which hold and when, and
 * nobody but the server can make one. The entry that carries it may wait for a network.
 */
final class Voucher
{
    private const HOURS = 12;

    public static function give(User $second, User $first, string $hold): string
    {
        return Crypt::encryptString((string) json_encode([$second->initials, $first->initials, $hold, CarbonImmutable::now()->getTimestamp()]));
    }

    public static function holds(string $voucher, string $second, User $first, string $hold): bool
    {
        try {
            $said = json_decode(Crypt::decryptString($voucher), true);
        } catch (DecryptException) {
            return false;
        }
        $at = is_array($said) ? array_pop($said) : null;

        return $said === [$second, $first->initials, $hold] && is_int($at) && CarbonImmutable::now()->getTimestamp() - $at < self::HOURS * 3600;
    }
}
