<?php

use App\Http\Middleware\CookiesByRealClock;
use App\Http\Middleware\HearsOutbox;
use App\Http\Middleware\PlainAddress;
use App\Http\Middleware\Revalidated;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SessionStands;
use App\Http\Middleware\WhichShop;
use App\Http\Outage;
use App\Http\Problem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;

$base = dirname(__DIR__);

return Application::configure(basePath: $base)
    ->withRouting(web: $base.'/routes/web.php', commands: $base.'/routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->prepend([CookiesByRealClock::class, PlainAddress::class, WhichShop::class]);
        $middleware->encryptCookies(except: WhichShop::open());
        $middleware->appendToGroup('web', [SessionStands::class, HearsOutbox::class]);
        $middleware->trustHosts(at: fn (): array => array_values((array) config('app.hosts')), subdomains: false);
        $middleware->alias(['revalidated' => Revalidated::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->convertEmptyStringsToNull(except: [fn (): bool => true]);
        $middleware->trimStrings(except: [fn (): bool => true]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(Moltrek\Core\Refusal\Refusal::class);
        $exceptions->dontReportWhen(static fn (Throwable $error): bool => Outage::of($error) !== null);
        $exceptions->render(fn (Throwable $error, Request $request) => $request->is('api/*') || Outage::of($error) !== null ? Problem::from($error) : null);
    })
    ->create()
    ->useEnvironmentPath($base.'/var')
    ->loadEnvironmentFrom('moltrek.env')
    ->useStoragePath($base.'/var/storage');
