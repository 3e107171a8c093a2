<?php

namespace App\Upkeep;

use App\Models\Row;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * The seal on the last link of the shop's chain: an HMAC over its number and its head, by a key that the database does not hold.
 * Whoever takes something away from the shop, or adds to it, behind the application's back cannot seal what is left. A seal is only
 * made upon one that holds: what was added without one is never sealed over.
 */
final class Seal
{
    private const PURPOSE = 'seal of the log';

    /** Before the transaction that is open is committed: its links are made, and sealed where the link before them was. */
    public static function close(): void
    {
        DB::statement('set constraints all immediate');
        $head = DB::selectOne("select shop_head.*, coalesce((select head from shop_chain where shop_chain.n = sealed), repeat('0', 64)) as sealed_head,
            exists (select from shop_chain where shop_chain.n > sealed and tx <> pg_current_xact_id()::text::bigint) as has_others from shop_head where shop_head.n <> sealed");
        if ($head instanceof stdClass && ! $head->has_others && is_string($head->seal) && hash_equals(self::over(Row::of($head)->whole('sealed'), Row::of($head)->text('sealed_head')), $head->seal)) {
            self::put($head);
        }
    }

    /** For a shop that nobody has sealed here: one that is new, came from an earlier version, or was read back from a backup. */
    public static function anew(): void
    {
        $head = DB::selectOne('select * from shop_head');
        if ($head instanceof stdClass) {
            self::put($head);
        }
    }

    /** Whether the last link is sealed, by this installation. */
    public static function holds(stdClass $head): bool
    {
        return $head->n === $head->sealed && is_string($head->seal) && hash_equals(self::over(Row::of($head)->whole('n'), Row::of($head)->text('head')), $head->seal);
    }

    /** Whether another installation than this one has sealed it: then nobody can tell here. */
    public static function isOfElsewhere(stdClass $head): bool
    {
        return is_string($head->key) && $head->key !== self::keyId();
    }

    private static function put(stdClass $head): void
    {
        DB::update('update shop_head set sealed = ?, seal = ?, key = ?', [$head->n, self::over(Row::of($head)->whole('n'), Row::of($head)->text('head')), self::keyId()]);
    }

    private static function over(int $number, string $head): string
    {
        return hash_hmac('sha256', $number."\n".$head, ShopKey::for(self::PURPOSE));
    }

    /** Tells one key from another, and nothing of either. */
    private static function keyId(): string
    {
        return substr(hash('sha256', 'id of '.ShopKey::for(self::PURPOSE)), 0, 16);
    }
}
