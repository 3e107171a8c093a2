<?php

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(8)->by(mb_strtolower($request->string('username')->toString()).'|'.$request->ip()),
            Limit::perMinute(40)->by((string) $request->ip()),
        ]);
    }
}
