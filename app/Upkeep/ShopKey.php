<?php

namespace App\Upkeep;

use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Keys for one purpose of one shop, made from the installation's own: what one shop has signed or locked is worth nothing in the
 * other. The database holds none of them. Source: RFC 5869 (HKDF).
 */
final class ShopKey
{
    /** 32 bytes. */
    public static function for(string $purpose, ?string $shop = null): string
    {
        $key = config('app.installation_key');
        $bytes = is_string($key) && str_starts_with($key, 'base64:') ? base64_decode(substr($key, 7), true) : $key;
        if (! is_string($bytes) || strlen($bytes) < 32) {
            throw new RuntimeException('APP_KEY is missing from var/moltrek.env: ./moltrek start makes one.');
        }

        return hash_hkdf('sha256', $bytes, 32, $purpose.'|'.($shop ?? self::shop()));
    }

    /** The shop whose database is spoken to: "own" or "practice". A copy that is being proved is of the shop that it was made of. */
    public static function shop(): string
    {
        return str_contains((string) DB::connection()->getDatabaseName(), '_own') ? 'own' : 'practice';
    }
}
