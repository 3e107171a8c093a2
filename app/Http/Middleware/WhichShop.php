<?php

namespace App\Http\Middleware;

use App\Http\Outage;
use App\Text\CookieName;
use App\Upkeep\ShopKey;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Cache\DatabaseStore;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/**
 * One installation can keep two shops, each in a database of its own: the mechanic's own, and the made-up one for practice.
 * Which one a tablet speaks to stands in a cookie that it may choose; sessions, photographs and counts of tries are each
 * shop's own, so that a sign-in to one is worth nothing in the other.
 */
final class WhichShop
{
    private const COOKIE = 'moltrek_shop';

    private const YEARS = 5 * 366 * 86_400;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isSecure()) {
            config(['session.cookie' => CookieName::BOUND.config()->string('session.cookie'), 'session.secure' => true]);
        }
        $databases = self::databases();
        if ($databases === []) {
            return $next($request);
        }
        $chosen = $request->is('calendar/*') ? $request->query('in') : $request->cookies->get(CookieName::of(self::COOKIE));
        $shop = is_string($chosen) && isset($databases[$chosen]) && self::isOpen($chosen) ? $chosen : self::usual($databases);
        self::goTo($shop, $databases[$shop]);
        $response = $next($request);
        if ($chosen !== $shop && ! $request->is('calendar/*', 'api/health', 'api/shops/*')) {
            $response->headers->setCookie(self::cookie($shop));
        }

        return $response;
    }

    public static function cookie(string $shop): Cookie
    {
        return Cookie::create(CookieName::of(self::COOKIE), $shop, CarbonImmutable::now()->getTimestamp() + self::YEARS, secure: request()->isSecure(), httpOnly: true, raw: true, sameSite: 'lax');
    }

    /** @return list<string> the cookie that says which shop, under both its names: it is not locked */
    public static function open(): array
    {
        return [self::COOKIE, CookieName::BOUND.self::COOKIE];
    }

    /** @return array<string, string> database by shop: "own", "practice"; empty where there is one shop and no choice */
    public static function databases(): array
    {
        $shops = [];
        foreach ((array) config('database.shops') as $key => $name) {
            if (is_string($name) && $name !== '') {
                $shops[(string) $key] = $name;
            }
        }

        return $shops;
    }

    /** Whether the own shop has been begun. */
    public static function isBegun(): bool
    {
        return self::ownSays() !== null;
    }

    /** A shop for practice that was thrown away is open no more. */
    public static function isOpen(string $shop): bool
    {
        return $shop === 'own' || self::ownSays() !== false;
    }

    /** @param  non-empty-array<string, string>  $databases */
    private static function usual(array $databases): string
    {
        $usual = config('database.usual_shop');
        if (is_string($usual) && isset($databases[$usual]) && self::isOpen($usual)) {
            return $usual;
        }

        return isset($databases['practice']) && ! self::isBegun() ? 'practice' : array_key_first($databases);
    }

    /** Whether the own shop keeps the one for practice; null while there is no own shop. */
    private static function ownSays(): ?bool
    {
        if (! isset(self::databases()['own'])) {
            return null;
        }
        try {
            $row = DB::connection('own')->table('shop')->where('id', 1)->first();
        } catch (QueryException $error) {
            // a database that is not there for the moment is no shop that nobody has begun
            return Outage::isNotMade($error) ? null : throw $error;
        }

        return $row === null ? null : (bool) $row->practice;
    }

    private static function goTo(string $shop, string $database): void
    {
        config([
            'database.connections.pgsql.database' => $database, 'app.shop_key' => $shop,
            // what the other shop has locked opens nothing here; what both had before, a tablet's own secret alone
            'app.key' => 'base64:'.base64_encode(ShopKey::for('cookies', $shop)), 'app.previous_keys' => array_filter([config('app.installation_key')]),
        ]);
        // what was made for the other database before anybody had chosen is made anew, and tries are counted in this one
        DB::purge('pgsql');
        $counts = Cache::store('database')->getStore();
        if ($counts instanceof DatabaseStore) {
            $counts->setConnection(DB::connection('pgsql'));
        }
        if ($shop === 'own') {
            config([
                'session.cookie' => CookieName::of('moltrek_session_own'), 'session.files' => storage_path('framework/sessions-own'), 'cache.prefix' => 'moltrek-own',
                'cache.stores.file.path' => config()->string('cache.stores.file.path').'-own',
            ]);
        }
    }
}
