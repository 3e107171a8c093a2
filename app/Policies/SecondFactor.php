<?php

namespace App\Policies;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/**
 * A second factor: six digits that a telephone shows, new every thirty seconds, worked out from a secret that it was given once;
 * and ten codes on paper for the day on which it lies in the harbour. No code is taken twice.
 * Source: RFC 6238 (time-based one-time passwords), over RFC 4226: HMAC-SHA-1, six digits, steps of thirty seconds.
 */
final class SecondFactor
{
    private const STEP = 30;

    private const DIGITS = 6;

    /** A telephone's clock may be out by so many steps either way. */
    private const DRIFT = 1;

    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    private const CODES = 10;

    /** Read aloud and typed: no letter that is taken for another. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    /**
     * A secret of 160 bits, kept locked until a first code confirms it.
     *
     * @return string in base 32, as telephones take it
     */
    public static function propose(User $user): string
    {
        $secret = random_bytes(20);
        $user->update(['totp_secret' => Crypt::encryptString(base64_encode($secret))]);
        $bits = implode('', array_map(static fn (string $byte): string => sprintf('%08b', ord($byte)), str_split($secret)));

        return implode('', array_map(static fn (string $five): string => self::BASE32[(int) bindec($five)], str_split($bits, 5)));
    }

    /** What a telephone reads from the square. */
    public static function address(User $user, string $secret, string $shop): string
    {
        return sprintf('otpauth://totp/%s?secret=%s&issuer=%s', rawurlencode("$shop:$user->username"), $secret, rawurlencode($shop));
    }

    public static function isOn(User $user): bool
    {
        return $user->totp_since !== null;
    }

    /**
     * From now on a code is asked for.
     *
     * @return list<string> the codes for paper, which nobody can read again
     */
    public static function begin(User $user): array
    {
        $codes = array_map(static fn (): string => implode('-', array_map(static fn (): string => implode('', array_map(
            static fn (): string => self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)], range(1, 5))), range(1, 2))), range(1, self::CODES));
        $user->update(['totp_since' => CarbonImmutable::now(), 'recovery_hashes' => array_map(self::hash(...), $codes)]);

        return $codes;
    }

    public static function end(User $user): void
    {
        $user->update(['totp_secret' => null, 'totp_since' => null, 'totp_step' => null, 'recovery_hashes' => []]);
    }

    /** Whether six digits are those of now, and have not been taken before. */
    public static function takes(User $user, string $typed): bool
    {
        $typed = (string) preg_replace('/\s+/', '', $typed);
        $secret = self::secret($user);
        if ($secret === null || preg_match('/^\d{6}$/D', $typed) !== 1) {
            return false;
        }
        $now = intdiv(CarbonImmutable::now()->getTimestamp(), self::STEP);
        foreach (range($now - self::DRIFT, $now + self::DRIFT) as $step) {
            // of two that type the same code at once the database lets one in
            if (hash_equals(self::code($secret, $step), $typed)) {
                return DB::table('users')->where('id', $user->id)->where(static fn (Builder $last): Builder => $last->whereNull('totp_step')->orWhere('totp_step', '<', $step))->update(['totp_step' => $step]) === 1;
            }
        }

        return false;
    }

    /** Whether it is one of the codes on paper; it is used up by this. */
    public static function takesRecovery(User $user, string $typed): bool
    {
        $hash = self::hash($typed);

        return DB::connection()->transaction(static function () use ($user, $hash): bool {
            DB::table('users')->where('id', $user->id)->lockForUpdate()->first();
            $there = User::query()->findOrFail($user->id);
            $left = array_values(array_filter($there->recovery_hashes, static fn (string $each): bool => ! hash_equals($each, $hash)));
            if (count($left) === count($there->recovery_hashes)) {
                return false;
            }
            $there->update(['recovery_hashes' => $left]);
            $user->refresh();

            return true;
        });
    }

    /** The code of a step of thirty seconds: dynamic truncation of the HMAC, six digits of it. */
    public static function code(string $secret, int $step): string
    {
        $mac = hash_hmac('sha1', pack('J', $step), $secret, true);
        $from = ord($mac[19]) & 0x0F;
        $number = (int) hexdec(bin2hex(substr($mac, $from, 4)));

        return str_pad((string) (($number & 0x7FFFFFFF) % 10 ** self::DIGITS), self::DIGITS, '0', STR_PAD_LEFT);
    }

    private static function secret(User $user): ?string
    {
        try {
            return $user->totp_secret === null ? null : (string) base64_decode(Crypt::decryptString($user->totp_secret), true);
        } catch (DecryptException) {
            return null;
        }
    }

    private static function hash(string $code): string
    {
        return hash('sha256', (string) preg_replace('/[^a-z0-9]/', '', mb_strtolower($code)));
    }
}
